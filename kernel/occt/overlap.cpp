// Tells of pairs of exact shapes how far apart they are, or what solid they have in common.
#include "occt.h"
#include "common.h"
#include "topology.h"

#include <BRepAlgoAPI_Common.hxx>
#include <BRepBndLib.hxx>
#include <BRepBuilderAPI_Transform.hxx>
#include <BRepExtrema_DistShapeShape.hxx>
#include <BRepGProp.hxx>
#include <BRepMesh_IncrementalMesh.hxx>
#include <BRepTools.hxx>
#include <BRepBuilderAPI_Copy.hxx>
#include <Bnd_Box.hxx>
#include <GProp_GProps.hxx>
#include <Standard_ErrorHandler.hxx>
#include <Standard_Failure.hxx>
#include <TopExp.hxx>
#include <TopExp_Explorer.hxx>
#include <TopTools_IndexedMapOfShape.hxx>
#include <TopoDS_Shape.hxx>
#include <gp_Quaternion.hxx>
#include <gp_Trsf.hxx>

#include <map>
#include <sstream>
#include <stdexcept>

std::vector<TopoDS_Shape> shapes_of(const char *path, const char *format, int max_instances);

namespace {

double size_of(const TopoDS_Shape &s) {
  Bnd_Box b;
  BRepBndLib::Add(s, b);
  return b.IsVoid() ? 0 : std::sqrt(b.SquareExtent());
}

struct pairs {
  json out;
  std::vector<char> blob;
  std::vector<TopoDS_Shape> shapes;
  std::vector<bool> overlaps; // whether a shape has anything in common with another
  std::map<std::string, std::vector<TopoDS_Shape>> files;

  template <class T> size_t put(const std::vector<T> &v) {
    size_t at = blob.size();
    blob.insert(blob.end(), (const char *)v.data(), (const char *)(v.data() + v.size()));
    return at;
  }

  // mesh writes a shape as triangles that are off by no more than a length.
  void mesh(const TopoDS_Shape &s, double off) {
    BRepTools::Clean(s);
    BRepMesh_IncrementalMesh(s, off, Standard_False, 0.2, Standard_False);
    TopTools_IndexedMapOfShape faces, edges;
    TopExp::MapShapes(s, TopAbs_FACE, faces);
    triangles t(s, faces, edges);
    out.open('{');
    out.kint("positions", put(t.positions)); out.kint("vertices", t.positions.size() / 3);
    out.kint("indices", put(t.indices)); out.kint("triangles", t.indices.size() / 3);
    out.kint("face_ends", put(t.face_ends)); out.kint("faces", t.face_ends.size());
    out.knum("off", off);
    out.close('}');
  }

  static TopoDS_Shape common(const TopoDS_Shape &a, const TopoDS_Shape &b) {
    TopTools_ListOfShape as, bs;
    as.Append(a);
    bs.Append(b);
    BRepAlgoAPI_Common c;
    c.SetArguments(as);
    c.SetTools(bs);
    c.SetFuzzyValue(1e-6);
    c.SetRunParallel(Standard_False);
    c.Build();
    if (!c.IsDone() || c.HasErrors()) throw std::runtime_error("the common solid could not be computed");
    return c.Shape();
  }

  void pair(int i, int j, const gp_Trsf &to, double near) {
    out.open('{');
    try {
      OCC_CATCH_SIGNALS
      const TopoDS_Shape &a = shapes.at(i);
      TopoDS_Shape b = shapes.at(j).Moved(TopLoc_Location(to));
      Bnd_Box boxA, boxB;
      BRepBndLib::Add(a, boxA, false);
      BRepBndLib::Add(b, boxB, false);
      if (boxA.Distance(boxB) <= near) { // what they share first: the distance of shapes that cross takes many times as long
        TopoDS_Shape c = common(a, b);
        GProp_GProps g;
        if (TopExp_Explorer(c, TopAbs_SOLID).More()) BRepGProp::VolumeProperties(c, g, 1e-6, Standard_True);
        if (g.Mass() > 0) {
          out.knum("distance", 0);
          out.kxyz("at", g.CentreOfMass().XYZ());
          out.knum("volume", g.Mass());
          double size = size_of(c), off = std::max(2e-4, std::min(4e-3, size * 1e-3));
          out.key("common");
          mesh(c, off);
          overlaps.at(i) = overlaps.at(j) = true;
          out.close('}');
          return;
        }
      }
      BRepExtrema_DistShapeShape d(a, b);
      if (!d.IsDone()) throw std::runtime_error("their distance could not be computed");
      out.knum("distance", d.Value());
      if (d.NbSolution() > 0) out.kxyz("at", d.PointOnShape1(1).XYZ());
      if (d.Value() <= near) out.knum("volume", 0);
    } catch (Standard_Failure const &e) {
      out.kstr("failed", e.DynamicType()->Name());
    } catch (std::exception const &e) {
      out.kstr("failed", e.what());
    }
    out.close('}');
  }

  sf_result run(const char *job) {
    std::istringstream in(job);
    std::string w;
    out.open('{');
    out.key("pairs");
    out.open('[');
    while (in >> w) {
      if (w == "shape") {
        std::string file, format;
        int part;
        double scale;
        if (!(in >> file >> format >> part >> scale)) throw std::runtime_error("a shape is told by file, format, part and scale");
        auto it = files.find(file);
        if (it == files.end()) it = files.emplace(file, shapes_of(file.c_str(), format.c_str(), 200000)).first;
        TopoDS_Shape s = it->second.at(part);
        if (scale != 1) {
          gp_Trsf t;
          t.SetScale(gp_Pnt(0, 0, 0), scale);
          s = BRepBuilderAPI_Transform(s, t, true).Shape();
        }
        shapes.push_back(s);
        overlaps.push_back(false);
      } else if (w == "fine") { // the shape told last comes back, whatever overlaps
        overlaps.at(shapes.size() - 1) = true;
      } else if (w == "pair") {
        int i, j;
        double x, y, z, qw, qx, qy, qz, near;
        if (!(in >> i >> j >> x >> y >> z >> qw >> qx >> qy >> qz >> near)) throw std::runtime_error("a pair is told by two shapes and a placement");
        gp_Trsf t;
        t.SetRotation(gp_Quaternion(qx, qy, qz, qw));
        t.SetTranslationPart(gp_Vec(x, y, z));
        pair(i, j, t, near);
      } else {
        throw std::runtime_error("unknown word: " + w);
      }
    }
    out.close(']');
    // the shapes that overlap, so finely that depths can be measured on them
    out.key("shapes");
    out.open('[');
    for (size_t k = 0; k < shapes.size(); k++) {
      if (!overlaps[k]) continue;
      out.open('{');
      out.kint("shape", (int)k);
      out.key("mesh");
      mesh(BRepBuilderAPI_Copy(shapes[k]).Shape(), std::max(1e-3, std::min(4e-3, size_of(shapes[k]) * 1e-4)));
      out.close('}');
    }
    out.close(']');
    out.close('}');
    return given(out, blob);
  }
};

} // namespace

sf_result sf_overlap(const char *job) {
  try {
    OCC_CATCH_SIGNALS
    pairs p;
    return p.run(job);
  } catch (Standard_Failure const &e) {
    return fail(std::string("the shapes are damaged (") + e.DynamicType()->Name() + ")");
  } catch (std::bad_alloc const &) {
    return fail("the shapes need more memory than they may have");
  } catch (std::exception const &e) {
    return fail(e.what());
  } catch (...) {
    return fail("the shapes are damaged");
  }
}
