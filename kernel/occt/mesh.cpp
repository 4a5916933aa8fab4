// Gathers the triangles of a shape that was meshed.
#include "topology.h"

#include <BRep_Tool.hxx>
#include <Poly_PolygonOnTriangulation.hxx>
#include <Poly_Triangulation.hxx>
#include <TopExp.hxx>
#include <TopTools_IndexedDataMapOfShapeListOfShape.hxx>
#include <TopTools_IndexedMapOfShape.hxx>
#include <TopoDS.hxx>

triangles::triangles(const TopoDS_Shape &s, const TopTools_IndexedMapOfShape &faces, const TopTools_IndexedMapOfShape &edges) {
  for (int i = 1; i <= faces.Extent(); i++) {
    TopoDS_Face f = TopoDS::Face(faces(i));
    TopLoc_Location loc;
    Handle(Poly_Triangulation) t = BRep_Tool::Triangulation(f, loc);
    if (!t.IsNull()) {
      gp_Trsf tr = loc.Transformation();
      bool flip = (f.Orientation() == TopAbs_REVERSED) != tr.IsNegative();
      uint32_t base = positions.size() / 3;
      std::vector<gp_Pnt> ps;
      for (int k = 1; k <= t->NbNodes(); k++) ps.push_back(t->Node(k).Transformed(tr));
      std::vector<gp_XYZ> ns(ps.size(), gp_XYZ(0, 0, 0));
      for (int k = 1; k <= t->NbTriangles(); k++) {
        int a, b, c;
        t->Triangle(k).Get(a, b, c);
        if (flip) std::swap(b, c);
        gp_XYZ n = (ps[b - 1].XYZ() - ps[a - 1].XYZ()) ^ (ps[c - 1].XYZ() - ps[a - 1].XYZ());
        for (int v : {a, b, c}) { ns[v - 1] += n; indices.push_back(base + v - 1); }
      }
      for (size_t k = 0; k < ps.size(); k++) {
        double m = ns[k].Modulus();
        gp_XYZ n = m > 0 ? ns[k] / m : gp_XYZ(0, 0, 1);
        for (int d = 1; d <= 3; d++) { positions.push_back(ps[k].Coord(d)); normals.push_back(n.Coord(d)); }
      }
    }
    face_ends.push_back(indices.size());
  }
  TopTools_IndexedDataMapOfShapeListOfShape owner;
  TopExp::MapShapesAndAncestors(s, TopAbs_EDGE, TopAbs_FACE, owner);
  for (int i = 1; i <= edges.Extent(); i++) {
    TopoDS_Edge e = TopoDS::Edge(edges(i));
    const TopTools_ListOfShape *fs = owner.Seek(e);
    if (fs && !fs->IsEmpty() && !BRep_Tool::Degenerated(e)) {
      TopoDS_Face f = TopoDS::Face(fs->First());
      TopLoc_Location loc;
      Handle(Poly_Triangulation) t = BRep_Tool::Triangulation(f, loc);
      if (!t.IsNull()) {
        Handle(Poly_PolygonOnTriangulation) p = BRep_Tool::PolygonOnTriangulation(e, t, loc);
        if (!p.IsNull()) {
          gp_Trsf tr = loc.Transformation();
          for (int k = 1; k <= p->NbNodes(); k++) {
            gp_Pnt q = t->Node(p->Node(k)).Transformed(tr);
            for (int d = 1; d <= 3; d++) lines.push_back(q.Coord(d));
          }
        }
      }
    }
    line_ends.push_back(lines.size() / 3);
  }
}
