// Reads STEP and IGES through the XCAF documents of Open CASCADE and tells what is in them.
#include "occt.h"
#include "common.h"
#include "topology.h"

#include <BRepBndLib.hxx>
#include <BRepBuilderAPI_MakeSolid.hxx>
#include <BRepBuilderAPI_Sewing.hxx>
#include <BRepGProp.hxx>
#include <BRepLib.hxx>
#include <BRepMesh_IncrementalMesh.hxx>
#include <BRep_Builder.hxx>
#include <BRep_Tool.hxx>
#include <Bnd_Box.hxx>
#include <GProp_GProps.hxx>
#include <IGESCAFControl_Reader.hxx>
#include <Interface_Static.hxx>
#include <Message.hxx>
#include <Message_Messenger.hxx>
#include <OSD.hxx>
#include <IGESData_GlobalSection.hxx>
#include <IGESData_IGESModel.hxx>
#include <Quantity_Color.hxx>
#include <STEPCAFControl_ExternFile.hxx>
#include <STEPCAFControl_Reader.hxx>
#include <Standard_ErrorHandler.hxx>
#include <Standard_Failure.hxx>
#include <TCollection_AsciiString.hxx>
#include <TCollection_ExtendedString.hxx>
#include <TDF_ChildIterator.hxx>
#include <TDF_Label.hxx>
#include <TDF_LabelSequence.hxx>
#include <TDF_Tool.hxx>
#include <StepShape_AdvancedFace.hxx>
#include <TCollection_HAsciiString.hxx>
#include <TransferBRep.hxx>
#include <Transfer_TransientProcess.hxx>
#include <XSControl_TransferReader.hxx>
#include <XSControl_WorkSession.hxx>
#include <Interface_InterfaceModel.hxx>
#include <TDataStd_Name.hxx>
#include <TDocStd_Document.hxx>
#include <TopExp.hxx>
#include <TopExp_Explorer.hxx>
#include <TopTools_IndexedMapOfShape.hxx>
#include <TopoDS.hxx>
#include <TopoDS_Compound.hxx>
#include <TopoDS_Solid.hxx>
#include <XCAFApp_Application.hxx>
#include <TColStd_SequenceOfAsciiString.hxx>
#include <TopTools_IndexedDataMapOfShapeListOfShape.hxx>
#include <XCAFDoc_ColorTool.hxx>
#include <XCAFDoc_DocumentTool.hxx>
#include <XCAFDoc_ShapeTool.hxx>

#include <map>
#include <stdexcept>

void sf_start(void) {
  Message::DefaultMessenger()->ChangePrinters().Clear();
  OSD::SetSignal(Standard_False);
}

void sf_free(sf_result r) {
  free(r.json);
  free(r.blob);
  free(r.error);
}

namespace {

std::string label_name(const TDF_Label &l) {
  Handle(TDataStd_Name) n;
  if (!l.FindAttribute(TDataStd_Name::GetID(), n)) return "";
  TCollection_ExtendedString e = n->Get();
  std::vector<char> b(e.LengthOfCString() + 1, 0);
  Standard_PCharacter p = b.data();
  e.ToUTF8CString(p);
  return std::string(b.data());
}

std::string label_id(const TDF_Label &l) {
  TCollection_AsciiString s;
  TDF_Tool::Entry(l, s);
  return s.ToCString();
}

bool nothing_name(const std::string &n) {
  return n.empty() || n == "SOLID" || n == "COMPOUND" || n == "SHELL" || n == "COMPSOLID" || n.rfind("=>[", 0) == 0;
}

// Some writers wrap each part in an assembly of its own, of nameless solids and an empty compound.
bool pseudo_assembly(const TDF_Label &l) {
  TDF_LabelSequence cs;
  XCAFDoc_ShapeTool::GetComponents(l, cs);
  for (int i = 1; i <= cs.Length(); i++) {
    TDF_Label ref;
    if (!XCAFDoc_ShapeTool::GetReferredShape(cs.Value(i), ref)) return false;
    if (XCAFDoc_ShapeTool::IsAssembly(ref)) return false;
    if (!nothing_name(label_name(ref)) || !nothing_name(label_name(cs.Value(i)))) return false;
  }
  return cs.Length() > 0;
}

struct reader {
  json out;
  std::vector<char> blob;
  Handle(XCAFDoc_ColorTool) colors;
  int instances = 0, max_instances = 0;
  std::vector<TDF_Label> parts;
  Handle(TDocStd_Document) kept; // the labels live as long as it does
  std::map<std::string, int> part_of;
  std::map<std::string, std::string> part_name;
  std::map<const TopoDS_TShape *, std::string> face_name;

  // name_faces keeps what a STEP file calls its faces, where it calls them anything.
  void name_faces(const Handle(XSControl_WorkSession) &ws) {
    Handle(Interface_InterfaceModel) model = ws->Model();
    Handle(Transfer_TransientProcess) made = ws->TransferReader()->TransientProcess();
    if (model.IsNull() || made.IsNull()) return;
    for (int i = 1; i <= model->NbEntities(); i++) {
      Handle(StepShape_AdvancedFace) f = Handle(StepShape_AdvancedFace)::DownCast(model->Value(i));
      if (f.IsNull() || f->Name().IsNull() || f->Name()->IsEmpty()) continue;
      std::string n = f->Name()->ToCString();
      if (n == "NONE" || n.size() > 40) continue;
      TopoDS_Shape s = TransferBRep::ShapeResult(made, f);
      if (!s.IsNull()) face_name[s.TShape().get()] = n;
    }
  }

  size_t floats(const std::vector<float> &v) {
    size_t at = blob.size();
    blob.insert(blob.end(), (const char *)v.data(), (const char *)(v.data() + v.size()));
    return at;
  }
  size_t ints(const std::vector<uint32_t> &v) {
    size_t at = blob.size();
    blob.insert(blob.end(), (const char *)v.data(), (const char *)(v.data() + v.size()));
    return at;
  }

  // part gives the index of a product, numbered as they are met.
  int part(const TDF_Label &l, const std::string &instance_name) {
    std::string id = label_id(l);
    auto it = part_of.find(id);
    if (it != part_of.end()) return it->second;
    int k = (int)parts.size();
    part_of[id] = k;
    parts.push_back(l);
    std::string n = label_name(l);
    if (nothing_name(n)) n = nothing_name(instance_name) ? "" : instance_name;
    part_name[id] = n;
    return k;
  }

  void placement(const TopLoc_Location &loc) {
    gp_Trsf t = loc.Transformation();
    gp_Quaternion q = t.GetRotation();
    out.kxyz("origin", t.TranslationPart());
    out.key("quaternion");
    out.open('[');
    out.num(q.W()); out.num(q.X()); out.num(q.Y()); out.num(q.Z());
    out.close(']');
    out.knum("scale", t.ScaleFactor());
    out.key("mirrored");
    out.boolean(t.IsNegative());
  }

  void tree(const TDF_Label &use, const TDF_Label &what, const TopLoc_Location &loc, int depth) {
    if (depth > 64) throw std::runtime_error("assemblies are nested too deeply");
    if (++instances > max_instances) throw std::runtime_error("the file places more instances than can be taken");
    out.open('{');
    std::string use_name = label_name(use);
    out.kstr("name", nothing_name(use_name) ? "" : use_name);
    placement(loc);
    if (XCAFDoc_ShapeTool::IsAssembly(what) && !pseudo_assembly(what)) {
      std::string n = label_name(what);
      out.kstr("product", nothing_name(n) ? "" : n);
      out.kstr("id", label_id(what));
      out.key("children");
      out.open('[');
      TDF_LabelSequence cs;
      XCAFDoc_ShapeTool::GetComponents(what, cs);
      for (int i = 1; i <= cs.Length(); i++) {
        TDF_Label ref;
        if (!XCAFDoc_ShapeTool::GetReferredShape(cs.Value(i), ref)) continue;
        TopoDS_Shape s = XCAFDoc_ShapeTool::GetShape(ref);
        if (!XCAFDoc_ShapeTool::IsAssembly(ref) && empty(s)) continue;
        tree(cs.Value(i), ref, XCAFDoc_ShapeTool::GetLocation(cs.Value(i)), depth + 1);
      }
      out.close(']');
    } else {
      out.kint("part", part(what, use_name));
    }
    out.close('}');
  }

  static bool empty(const TopoDS_Shape &s) {
    if (s.IsNull()) return true;
    TopExp_Explorer x(s, TopAbs_FACE);
    return !x.More();
  }

  bool color(const TopoDS_Shape &s, const TDF_Label &l, Quantity_Color &c) {
    for (XCAFDoc_ColorType t : {XCAFDoc_ColorSurf, XCAFDoc_ColorGen}) {
      if (colors->GetColor(l, t, c) || (!s.IsNull() && colors->GetColor(s, t, c))) return true;
    }
    for (TDF_ChildIterator it(l); it.More(); it.Next())
      if (colors->GetColor(it.Value(), XCAFDoc_ColorSurf, c)) return true;
    for (TopExp_Explorer x(s, TopAbs_SOLID); x.More(); x.Next())
      if (colors->GetColor(x.Current(), XCAFDoc_ColorSurf, c)) return true;
    return false;
  }

  // mesh writes triangles with a range per face, and a polyline per edge.
  void mesh(const TopoDS_Shape &s, const TopTools_IndexedMapOfShape &faces, const TopTools_IndexedMapOfShape &edges) {
    triangles t(s, faces, edges);
    out.key("mesh");
    out.open('{');
    out.kint("positions", floats(t.positions)); out.kint("vertices", t.positions.size() / 3);
    out.kint("normals", floats(t.normals));
    out.kint("indices", ints(t.indices)); out.kint("triangles", t.indices.size() / 3);
    out.kint("face_ends", ints(t.face_ends)); out.kint("faces", t.face_ends.size());
    out.kint("lines", floats(t.lines)); out.kint("line_points", t.lines.size() / 3);
    out.kint("line_ends", ints(t.line_ends)); out.kint("edges", t.line_ends.size());
    out.close('}');
  }

  // sewn joins loose faces into solids where they close.
  static TopoDS_Shape sewn(const TopoDS_Shape &s) {
    if (TopExp_Explorer(s, TopAbs_SOLID).More()) return s;
    Bnd_Box box;
    BRepBndLib::Add(s, box);
    double tol = box.IsVoid() ? 1e-3 : std::max(1e-6, std::sqrt(box.SquareExtent()) * 1e-5);
    BRepBuilderAPI_Sewing sew(tol);
    sew.Add(s);
    sew.Perform();
    TopoDS_Shape r = sew.SewedShape();
    if (r.IsNull()) return s;
    BRep_Builder b;
    TopoDS_Compound c;
    b.MakeCompound(c);
    bool any = false;
    for (TopExp_Explorer x(r, TopAbs_SHELL); x.More(); x.Next()) {
      TopoDS_Shell sh = TopoDS::Shell(x.Current());
      if (!BRep_Tool::IsClosed(sh)) return r;
      TopoDS_Solid so = BRepBuilderAPI_MakeSolid(sh).Solid();
      BRepLib::OrientClosedSolid(so);
      b.Add(c, so);
      any = true;
    }
    return any ? TopoDS_Shape(c) : r;
  }

  // bounds are the faces that an edge lies on, by number from 0; the one that it closes stands there twice.
  static std::vector<int> bounds(const TopoDS_Edge &e, const TopTools_IndexedDataMapOfShapeListOfShape &on, const TopTools_IndexedMapOfShape &faces) {
    std::vector<int> out;
    if (!on.Contains(e)) return out;
    for (const TopoDS_Shape &f : on.FindFromKey(e)) {
      int n = faces.FindIndex(f) - 1;
      bool there = !out.empty() && out.back() == n;
      if (!there) out.push_back(n);
      if (!there && BRep_Tool::IsClosed(e, TopoDS::Face(f))) out.push_back(n);
    }
    return out;
  }

  void shape(const TDF_Label &l, int k) {
    TopoDS_Shape s = XCAFDoc_ShapeTool::GetShape(l);
    s.Location(TopLoc_Location());
    bool had_solid = TopExp_Explorer(s, TopAbs_SOLID).More();
    if (!had_solid) s = sewn(s);
    TopTools_IndexedMapOfShape solids, faces, edges, verts;
    TopExp::MapShapes(s, TopAbs_SOLID, solids);
    TopExp::MapShapes(s, TopAbs_FACE, faces);
    TopExp::MapShapes(s, TopAbs_EDGE, edges);
    TopExp::MapShapes(s, TopAbs_VERTEX, verts);
    out.open('{');
    out.kstr("name", part_name[label_id(l)]);
    out.kint("solids", solids.Extent());
    out.key("sewn");
    out.boolean(!had_solid && solids.Extent() > 0);
    Quantity_Color c;
    if (color(XCAFDoc_ShapeTool::GetShape(l), l, c)) {
      double r, g, b;
      c.Values(r, g, b, Quantity_TOC_sRGB);
      out.kxyz("color", gp_XYZ(r, g, b));
    }
    Bnd_Box box;
    BRepBndLib::Add(s, box);
    double diag = 0;
    if (!box.IsVoid()) diag = std::sqrt(box.SquareExtent());
    bool analytic = true;
    out.key("faces");
    out.open('[');
    for (int i = 1; i <= faces.Extent(); i++) analytic &= write_face(out, TopoDS::Face(faces(i)));
    out.close(']');
    out.key("called");
    out.open('{');
    for (int i = 1; i <= faces.Extent(); i++) {
      auto n = face_name.find(faces(i).TShape().get());
      if (n != face_name.end()) out.kstr(std::to_string(i - 1).c_str(), n->second);
    }
    out.close('}');
    TopTools_IndexedDataMapOfShapeListOfShape on;
    TopExp::MapShapesAndAncestors(s, TopAbs_EDGE, TopAbs_FACE, on);
    out.key("edges");
    out.open('[');
    for (int i = 1; i <= edges.Extent(); i++) write_edge(out, TopoDS::Edge(edges(i)), bounds(TopoDS::Edge(edges(i)), on, faces));
    out.close(']');
    out.key("vertices");
    out.open('[');
    for (int i = 1; i <= verts.Extent(); i++) out.xyz(BRep_Tool::Pnt(TopoDS::Vertex(verts(i))).XYZ());
    out.close(']');
    GProp_GProps surf;
    BRepGProp::SurfaceProperties(s, surf);
    out.knum("area", surf.Mass());
    if (solids.Extent() > 0) {
      GProp_GProps g;
      if (analytic) BRepGProp::VolumeProperties(s, g, Standard_True);
      else BRepGProp::VolumeProperties(s, g, 1e-8, Standard_True);
      out.knum("volume", g.Mass());
      out.kxyz("centroid", g.CentreOfMass().XYZ());
      gp_Mat m = g.MatrixOfInertia();
      out.key("inertia");
      out.open('[');
      for (int i = 1; i <= 3; i++) out.xyz(m.Row(i));
      out.close(']');
    }
    if (diag > 0) {
      // relative to the size of the part: an absolute one explodes on files in odd units
      BRepMesh_IncrementalMesh(s, diag * 0.0012, Standard_False, 0.3, Standard_False);
      mesh(s, faces, edges);
      double x0, y0, z0, x1, y1, z1;
      Bnd_Box tight;
      BRepBndLib::AddOptimal(s, tight, Standard_False, Standard_False);
      (tight.IsVoid() ? box : tight).Get(x0, y0, z0, x1, y1, z1);
      out.kxyz("low", gp_XYZ(x0, y0, z0));
      out.kxyz("high", gp_XYZ(x1, y1, z1));
    }
    out.close('}');
  }

  // shaped gives a product's shape: in its own frame, its faces sewn into solids where they close.
  static TopoDS_Shape shaped(const TDF_Label &l) {
    TopoDS_Shape s = XCAFDoc_ShapeTool::GetShape(l);
    s.Location(TopLoc_Location());
    return TopExp_Explorer(s, TopAbs_SOLID).More() ? s : sewn(s);
  }

  sf_result read(const char *path, const char *format, int most, bool whole = true) {
    max_instances = most;
    Handle(TDocStd_Document) &doc = kept;
    XCAFApp_Application::GetApplication()->NewDocument("MDTV-XCAF", doc);
    out.open('{');
    std::vector<std::string> missing;
    std::string unit;
    if (!strcmp(format, "iges")) {
      IGESCAFControl_Reader r;
      r.SetNameMode(true);
      r.SetColorMode(true);
      Interface_Static::SetCVal("xstep.cascade.unit", "MM");
      if (r.ReadFile(path) != IFSelect_RetDone) return fail("this is not a readable IGES file");
      Handle(IGESData_IGESModel) model = r.IGESModel();
      if (!model.IsNull() && !model->GlobalSection().UnitName().IsNull()) unit = model->GlobalSection().UnitName()->ToCString();
      if (!r.Transfer(doc)) return fail("the IGES file holds no shape that can be read");
    } else {
      STEPCAFControl_Reader r;
      r.SetNameMode(true);
      r.SetColorMode(true);
      r.SetLayerMode(false);
      r.SetPropsMode(false);
      Interface_Static::SetCVal("xstep.cascade.unit", "MM");
      if (r.ReadFile(path) != IFSelect_RetDone) return fail("this is not a readable STEP file");
      TColStd_SequenceOfAsciiString lengths, angles, solid;
      r.ChangeReader().FileUnits(lengths, angles, solid);
      if (lengths.Length() > 0) unit = lengths.Value(1).ToCString();
      if (!r.Transfer(doc)) return fail("the STEP file holds no product that can be read");
      if (whole) name_faces(r.ChangeReader().WS());
      for (NCollection_DataMap<TCollection_AsciiString, Handle(STEPCAFControl_ExternFile)>::Iterator it(r.ExternFiles()); it.More(); it.Next())
        if (it.Value()->GetLoadStatus() != IFSelect_RetDone || !it.Value()->GetTransferStatus()) missing.push_back(it.Key().ToCString());
    }
    colors = XCAFDoc_DocumentTool::ColorTool(doc->Main());
    Handle(XCAFDoc_ShapeTool) st = XCAFDoc_DocumentTool::ShapeTool(doc->Main());
    out.kstr("unit", unit);
    out.key("missing");
    out.open('[');
    for (auto &m : missing) out.str(m);
    out.close(']');
    TDF_LabelSequence roots;
    st->GetFreeShapes(roots);
    out.key("roots");
    out.open('[');
    for (int i = 1; i <= roots.Length(); i++) {
      TDF_Label l = roots.Value(i), what = l;
      TDF_Label ref;
      TopLoc_Location loc;
      if (XCAFDoc_ShapeTool::IsReference(l) && XCAFDoc_ShapeTool::GetReferredShape(l, ref)) { what = ref; loc = XCAFDoc_ShapeTool::GetLocation(l); }
      if (empty(XCAFDoc_ShapeTool::GetShape(what))) continue;
      if (!XCAFDoc_ShapeTool::IsAssembly(what)) loc = XCAFDoc_ShapeTool::GetShape(what).Location();
      tree(l, what, loc, 0);
    }
    out.close(']');
    out.key("parts");
    out.open('[');
    for (size_t i = 0; whole && i < parts.size(); i++) shape(parts[i], (int)i);
    out.close(']');
    out.close('}');
    if (parts.empty() && missing.empty()) return fail("the file holds no parts");
    return given(out, blob);
  }
};

} // namespace

// shapes_of reads a file's products again, in the order in which sf_read numbers them.
std::vector<TopoDS_Shape> shapes_of(const char *path, const char *format, int max_instances) {
  reader r;
  sf_result told = r.read(path, format, max_instances, false);
  std::string why = told.error ? told.error : "";
  sf_free(told);
  if (!why.empty()) throw std::runtime_error(why);
  std::vector<TopoDS_Shape> out;
  for (auto &l : r.parts) out.push_back(reader::shaped(l));
  return out;
}

sf_result sf_read(const char *path, const char *format, int max_instances) {
  try {
    OCC_CATCH_SIGNALS
    reader r;
    return r.read(path, format, max_instances);
  } catch (Standard_Failure const &e) {
    return fail(std::string("the file is damaged (") + e.DynamicType()->Name() + ")");
  } catch (std::bad_alloc const &) {
    return fail("the file needs more memory than it may have");
  } catch (std::exception const &e) {
    return fail(e.what());
  } catch (...) {
    return fail("the file is damaged");
  }
}
