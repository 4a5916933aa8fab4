// Makes shapes from recipes, one word and its numbers a line, on a stack of shapes:
//   box X Y Z DX DY DZ            a block from its low corner
//   cyl X Y Z  DX DY DZ  R H      a cylinder from the middle of its base, along a direction
//   cone X Y Z  DX DY DZ  R1 R2 H
//   sphere X Y Z R
//   prism  X Y Z  H  N  x1 y1 … xN yN      a polygon in a plane z, raised by H
//   cut | fuse | common           the two shapes on top become one
//   load K PATH                   the K-th product of a STEP or IGES file, from 0
//   move X Y Z | turn X Y Z DX DY DZ DEG | mirror X Y Z DX DY DZ
//   outline X Y Z DX DY DZ H      the flat face of the top shape that looks that way at a point, raised by H
//   chamfer D | round R           all edges of the top shape that can take it
//   assembly NAME                 a product of others: those that "use" names next
//   use K X Y Z QW QX QY QZ NAME  the K-th product so far, from 0, placed in the assembly begun last
//   seen DX DY DZ UX UY UZ PATH   how long what is seen of the stack is, and what is hidden, looking along a direction
//   color R G B                   of the product written next
//   call NAME X Y Z               the face nearest to a point, of the product written next
//   product NAME…                 the top shape becomes a part of this name
//   step PATH                     writes all products since the last one to a STEP file (AP214)
//   step242 PATH | iges PATH
#include "occt.h"
#include "common.h"

#include <BRepAdaptor_Surface.hxx>
#include <BRepLib.hxx>
#include <gp_Pln.hxx>
#include <BRepOffsetAPI_MakePipeShell.hxx>
#include <BRepBuilderAPI_MakeEdge.hxx>
#include <BRepBuilderAPI_MakeWire.hxx>
#include <Geom2d_Line.hxx>
#include <Geom_CylindricalSurface.hxx>
#include <BRepAlgoAPI_Common.hxx>
#include <BRepAlgoAPI_Cut.hxx>
#include <BRepAlgoAPI_Fuse.hxx>
#include <BRepBuilderAPI_MakeFace.hxx>
#include <BRepBuilderAPI_MakePolygon.hxx>
#include <BRepBuilderAPI_MakeVertex.hxx>
#include <BRepExtrema_DistShapeShape.hxx>
#include <BRepBuilderAPI_NurbsConvert.hxx>
#include <BRepBuilderAPI_Transform.hxx>
#include <BRepFilletAPI_MakeChamfer.hxx>
#include <BRepFilletAPI_MakeFillet.hxx>
#include <BRepPrimAPI_MakeBox.hxx>
#include <BRepPrimAPI_MakeCone.hxx>
#include <BRepPrimAPI_MakeCylinder.hxx>
#include <BRepPrimAPI_MakePrism.hxx>
#include <BRepPrimAPI_MakeSphere.hxx>
#include <IGESControl_Writer.hxx>
#include <Interface_Static.hxx>
#include <Quantity_Color.hxx>
#include <STEPCAFControl_Controller.hxx>
#include <STEPCAFControl_Writer.hxx>
#include <ShapeUpgrade_UnifySameDomain.hxx>
#include <Standard_ErrorHandler.hxx>
#include <Standard_Failure.hxx>
#include <TDataStd_Name.hxx>
#include <TDocStd_Document.hxx>
#include <TopExp.hxx>
#include <TopExp_Explorer.hxx>
#include <TopoDS_Vertex.hxx>
#include <TopTools_IndexedMapOfShape.hxx>
#include <TopoDS.hxx>
#include <XCAFApp_Application.hxx>
#include <XCAFDoc_ColorTool.hxx>
#include <XCAFDoc_DocumentTool.hxx>
#include <XCAFDoc_ShapeTool.hxx>
#include <TopLoc_Location.hxx>
#include <gp_Quaternion.hxx>

#include <BRepGProp.hxx>
#include <GProp_GProps.hxx>
#include <HLRAlgo_Projector.hxx>
#include <HLRBRep_Algo.hxx>
#include <HLRBRep_HLRToShape.hxx>

#include <fstream>
#include <map>
#include <sstream>
#include <stdexcept>

std::vector<TopoDS_Shape> shapes_of(const char *path, const char *format, int max_instances); // in read.cpp

namespace {

// use is one of an earlier product in an assembly.
struct use {
  size_t of;
  std::string name;
  gp_Trsf at;
};

struct product {
  std::string name;
  TopoDS_Shape shape;
  Quantity_Color color;
  bool colored;
  std::vector<std::pair<std::string, gp_Pnt>> called;
  std::vector<use> uses; // of an assembly
};

// nearest is the face of a shape that is nearest to a point.
TopoDS_Shape nearest(const TopoDS_Shape &s, const gp_Pnt &p) {
  TopoDS_Shape best;
  double least = 0;
  TopoDS_Vertex v = BRepBuilderAPI_MakeVertex(p);
  for (TopExp_Explorer x(s, TopAbs_FACE); x.More(); x.Next()) {
    BRepExtrema_DistShapeShape d(v, x.Current());
    if (d.IsDone() && (best.IsNull() || d.Value() < least)) { best = x.Current(); least = d.Value(); }
  }
  return best;
}

// outline raises the flat face that looks along a direction at a point, by so much.
TopoDS_Shape outline(const TopoDS_Shape &s, const gp_Pnt &p, const gp_Dir &d, double h) {
  TopoDS_Shape best;
  double least = 0;
  TopoDS_Vertex v = BRepBuilderAPI_MakeVertex(p);
  for (TopExp_Explorer x(s, TopAbs_FACE); x.More(); x.Next()) {
    BRepAdaptor_Surface a(TopoDS::Face(x.Current()));
    if (a.GetType() != GeomAbs_Plane) continue;
    gp_Dir n = a.Plane().Axis().Direction();
    if (!a.Plane().Direct()) n.Reverse();
    if (x.Current().Orientation() == TopAbs_REVERSED) n.Reverse();
    if (n.Angle(d) > 1e-4 || a.Plane().Distance(p) > 1e-3) continue;
    BRepExtrema_DistShapeShape to(v, x.Current());
    if (to.IsDone() && (best.IsNull() || to.Value() < least)) { best = x.Current(); least = to.Value(); }
  }
  if (best.IsNull()) throw std::runtime_error("no flat face is there");
  return BRepPrimAPI_MakePrism(best, gp_Vec(d) * h).Shape();
}

// seen writes how long the edges and outlines are that are seen of shapes along a direction, and of how long the hidden ones are, by the library's own removal
// of hidden lines; edges over which faces go on smoothly do not count.
void seen(const std::vector<TopoDS_Shape> &shapes, const gp_Dir &look, const gp_Dir &up, const std::string &path) {
  Handle(HLRBRep_Algo) algo = new HLRBRep_Algo();
  for (auto &s : shapes) algo->Add(s);
  algo->Projector(HLRAlgo_Projector(gp_Ax2(gp_Pnt(0, 0, 0), look.Reversed(), up.Crossed(look.Reversed()))));
  algo->Update();
  algo->Hide();
  HLRBRep_HLRToShape to(algo);
  auto length = [](TopoDS_Shape s) {
    if (s.IsNull()) return 0.0;
    BRepLib::BuildCurves3d(s);
    GProp_GProps g;
    BRepGProp::LinearProperties(s, g);
    return g.Mass();
  };
  std::ofstream out(path);
  out << length(to.VCompound()) + length(to.OutLineVCompound()) << " " << length(to.HCompound()) + length(to.OutLineHCompound()) << "\n";
  if (!out) throw std::runtime_error("cannot write " + path);
}

struct maker {
  std::vector<TopoDS_Shape> stack;
  std::vector<product> products;
  std::vector<std::pair<std::string, gp_Pnt>> called;
  Quantity_Color color;
  bool colored = false;
  std::map<std::string, std::vector<TopoDS_Shape>> files; // that were loaded

  TopoDS_Shape pop() {
    if (stack.empty()) throw std::runtime_error("the stack of shapes is empty");
    TopoDS_Shape s = stack.back();
    stack.pop_back();
    return s;
  }

  // ap writes the products gathered so far.
  void write(const std::string &word, const std::string &path) {
    if (word == "iges") {
      IGESControl_Writer w("MM", 1); // solids as B-rep entities
      for (auto &p : products) w.AddShape(p.shape);
      w.ComputeModel();
      if (!w.Write(path.c_str())) throw std::runtime_error("cannot write " + path);
      products.clear();
      return;
    }
    STEPCAFControl_Controller::Init();
    Interface_Static::SetCVal("write.step.schema", word == "step242" ? "AP242DIS" : "AP214IS");
    Interface_Static::SetCVal("write.step.unit", "MM");
    Interface_Static::SetIVal("write.stepcaf.subshapes.name", 1);
    Handle(TDocStd_Document) doc;
    XCAFApp_Application::GetApplication()->NewDocument("MDTV-XCAF", doc);
    Handle(XCAFDoc_ShapeTool) st = XCAFDoc_DocumentTool::ShapeTool(doc->Main());
    Handle(XCAFDoc_ColorTool) ct = XCAFDoc_DocumentTool::ColorTool(doc->Main());
    std::vector<TDF_Label> labels;
    for (auto &p : products) {
      TDF_Label l = p.shape.IsNull() ? st->NewShape() : st->AddShape(p.shape, Standard_False);
      labels.push_back(l);
      for (auto &u : p.uses) {
        TDF_Label c = st->AddComponent(l, labels.at(u.of), TopLoc_Location(u.at));
        TDataStd_Name::Set(c, TCollection_ExtendedString(u.name.c_str(), Standard_True));
      }
      TDataStd_Name::Set(l, TCollection_ExtendedString(p.name.c_str(), Standard_True));
      if (p.colored) ct->SetColor(l, p.color, XCAFDoc_ColorSurf);
      for (auto &c : p.called) {
        TDF_Label f = st->AddSubShape(l, nearest(p.shape, c.second));
        if (!f.IsNull()) TDataStd_Name::Set(f, TCollection_ExtendedString(c.first.c_str(), Standard_True));
      }
    }
    st->UpdateAssemblies();
    STEPCAFControl_Writer w;
    w.SetNameMode(true);
    w.SetColorMode(true);
    if (!w.Transfer(doc) || w.Write(path.c_str()) != IFSelect_RetDone) throw std::runtime_error("cannot write " + path);
    products.clear();
  }

  void line(const std::string &text) {
    std::istringstream in(text);
    std::string w;
    if (!(in >> w) || w[0] == '#') return;
    auto num = [&]() {
      double v;
      if (!(in >> v)) throw std::runtime_error("a number is missing in: " + text);
      return v;
    };
    auto pnt = [&]() { double x = num(), y = num(), z = num(); return gp_Pnt(x, y, z); };
    auto dir = [&]() { double x = num(), y = num(), z = num(); return gp_Dir(x, y, z); };
    auto rest = [&]() { std::string s; std::getline(in >> std::ws, s); return s; };
    if (w == "box") {
      gp_Pnt p = pnt();
      double a = num(), b = num(), c = num();
      stack.push_back(BRepPrimAPI_MakeBox(p, a, b, c).Shape());
    } else if (w == "cyl") {
      gp_Pnt p = pnt();
      gp_Dir d = dir();
      double r = num(), h = num();
      stack.push_back(BRepPrimAPI_MakeCylinder(gp_Ax2(p, d), r, h).Shape());
    } else if (w == "cone") {
      gp_Pnt p = pnt();
      gp_Dir d = dir();
      double a = num(), b = num(), h = num();
      stack.push_back(BRepPrimAPI_MakeCone(gp_Ax2(p, d), a, b, h).Shape());
    } else if (w == "sphere") {
      gp_Pnt p = pnt();
      stack.push_back(BRepPrimAPI_MakeSphere(p, num()).Shape());
    } else if (w == "thread") { // what is cut out for one: a triangle swept along a helix of a radius, pitch and length
      gp_Pnt p = pnt();
      gp_Dir d = dir();
      double r = num(), pitch = num(), length = num();
      gp_Ax3 at(p, d);
      Handle(Geom_CylindricalSurface) on = new Geom_CylindricalSurface(at, r);
      Handle(Geom2d_Line) rise = new Geom2d_Line(gp_Pnt2d(0, 0), gp_Dir2d(2 * M_PI, pitch));
      TopoDS_Edge helix = BRepBuilderAPI_MakeEdge(rise, on, 0, length / pitch * std::hypot(2 * M_PI, pitch));
      BRepLib::BuildCurves3d(helix);
      auto corner = [&](double out, double up) { return p.Translated(gp_Vec(at.XDirection()) * out + gp_Vec(d) * up); };
      BRepBuilderAPI_MakePolygon cutter(corner(r - 0.6 * pitch, 0), corner(r + 0.05 * pitch, -0.4 * pitch), corner(r + 0.05 * pitch, 0.4 * pitch), true);
      BRepOffsetAPI_MakePipeShell sweep(BRepBuilderAPI_MakeWire(helix).Wire());
      sweep.SetMode(d);
      sweep.Add(cutter.Wire());
      sweep.Build();
      sweep.MakeSolid();
      stack.push_back(sweep.Shape());
    } else if (w == "prism") {
      gp_Pnt p = pnt();
      double h = num();
      int n = (int)num();
      BRepBuilderAPI_MakePolygon poly;
      for (int i = 0; i < n; i++) {
        double x = num(), y = num();
        poly.Add(gp_Pnt(p.X() + x, p.Y() + y, p.Z()));
      }
      poly.Close();
      stack.push_back(BRepPrimAPI_MakePrism(BRepBuilderAPI_MakeFace(poly.Wire()).Face(), gp_Vec(0, 0, h)).Shape());
    } else if (w == "cut" || w == "fuse" || w == "common") {
      TopoDS_Shape b = pop(), a = pop();
      TopoDS_Shape r = w == "cut" ? BRepAlgoAPI_Cut(a, b).Shape() : w == "fuse" ? BRepAlgoAPI_Fuse(a, b).Shape() : BRepAlgoAPI_Common(a, b).Shape();
      ShapeUpgrade_UnifySameDomain u(r, true, true, false);
      u.Build();
      stack.push_back(u.Shape());
    } else if (w == "load") {
      int k = (int)num();
      std::string path = rest();
      bool iges = path.size() > 4 && (path.substr(path.size() - 4) == ".igs" || path.substr(path.size() - 5) == ".iges");
      if (!files.count(path)) files[path] = shapes_of(path.c_str(), iges ? "iges" : "step", 1000000);
      auto &all = files[path];
      if (k < 0 || k >= (int)all.size()) throw std::runtime_error("there is no such product");
      stack.push_back(all[k]);
    } else if (w == "outline") { // of what lies on the stack, a face as thick as said, outward: the flat one that passes nearest to a point and looks that way
      gp_Pnt p = pnt();
      gp_Dir d = dir();
      double h = num();
      stack.push_back(outline(pop(), p, d, h));
    } else if (w == "move" || w == "turn" || w == "mirror") {
      gp_Trsf t;
      if (w == "move") {
        gp_Pnt p = pnt();
        t.SetTranslation(gp_Vec(p.XYZ()));
      } else {
        gp_Pnt p = pnt();
        gp_Dir d = dir();
        if (w == "turn") t.SetRotation(gp_Ax1(p, d), num() * M_PI / 180);
        else t.SetMirror(gp_Ax2(p, d));
      }
      stack.push_back(BRepBuilderAPI_Transform(pop(), t, true).Shape());
    } else if (w == "nurbs") {
      stack.push_back(BRepBuilderAPI_NurbsConvert(pop(), true).Shape());
    } else if (w == "chamfer" || w == "round") {
      double d = num();
      TopoDS_Shape s = pop();
      TopTools_IndexedMapOfShape es;
      TopExp::MapShapes(s, TopAbs_EDGE, es);
      if (w == "chamfer") {
        BRepFilletAPI_MakeChamfer m(s);
        for (int i = 1; i <= es.Extent(); i++) m.Add(d, TopoDS::Edge(es(i)));
        stack.push_back(m.Shape());
      } else {
        BRepFilletAPI_MakeFillet m(s);
        for (int i = 1; i <= es.Extent(); i++) m.Add(d, TopoDS::Edge(es(i)));
        stack.push_back(m.Shape());
      }
    } else if (w == "seen") {
      gp_Dir look = dir();
      gp_Dir up = dir();
      seen(stack, look, up, rest());
    } else if (w == "color") {
      double r = num(), g = num(), b = num();
      color = Quantity_Color(r, g, b, Quantity_TOC_sRGB);
      colored = true;
    } else if (w == "call") {
      std::string name;
      in >> name;
      gp_Pnt p = pnt();
      called.push_back({name, p});
    } else if (w == "assembly") {
      products.push_back({rest(), TopoDS_Shape(), color, false, {}, {}});
    } else if (w == "use") {
      int k = (int)num();
      gp_Pnt p = pnt();
      double qw = num(), qx = num(), qy = num(), qz = num();
      if (products.empty() || !products.back().shape.IsNull() || k < 0 || k >= (int)products.size() - 1) throw std::runtime_error("no assembly to use it in: " + text);
      gp_Trsf t;
      t.SetRotation(gp_Quaternion(qx, qy, qz, qw));
      t.SetTranslationPart(gp_Vec(p.XYZ()));
      products.back().uses.push_back({(size_t)k, rest(), t});
    } else if (w == "product") {
      products.push_back({rest(), pop(), color, colored, called, {}});
      colored = false;
      called.clear();
    } else if (w == "step" || w == "step242" || w == "iges") {
      write(w, rest());
    } else {
      throw std::runtime_error("unknown word: " + w);
    }
  }
};

} // namespace

sf_result sf_make(const char *recipe) {
  try {
    OCC_CATCH_SIGNALS
    maker m;
    std::istringstream in(recipe);
    std::string l;
    while (std::getline(in, l)) m.line(l);
    sf_result r;
    memset(&r, 0, sizeof r);
    return r;
  } catch (Standard_Failure const &e) {
    return fail(std::string("the recipe failed: ") + e.DynamicType()->Name() + " " + (e.GetMessageString() ? e.GetMessageString() : ""));
  } catch (std::exception const &e) {
    return fail(e.what());
  } catch (...) {
    return fail("the recipe failed");
  }
}
