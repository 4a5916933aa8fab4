// Says what faces and edges are.
#include "topology.h"

#include <BRepAdaptor_Curve.hxx>
#include <BRepAdaptor_Surface.hxx>
#include <BRepTools.hxx>
#include <BRep_Tool.hxx>
#include <gp_Circ.hxx>
#include <gp_Cone.hxx>
#include <gp_Cylinder.hxx>
#include <gp_Sphere.hxx>
#include <gp_Torus.hxx>

// samples of points and outward normals, for surfaces that only look free-form
static void samples(json &out, const TopoDS_Face &f, const BRepAdaptor_Surface &a) {
  double u0, u1, v0, v1;
  BRepTools::UVBounds(f, u0, u1, v0, v1);
  bool flip = f.Orientation() == TopAbs_REVERSED;
  out.key("samples");
  out.open('[');
  const int n = 7;
  for (int i = 0; i < n; i++)
    for (int j = 0; j < n; j++) {
      double u = u0 + (u1 - u0) * (i + 0.5) / n, v = v0 + (v1 - v0) * (j + 0.5) / n;
      gp_Pnt p;
      gp_Vec du, dv;
      a.D1(u, v, p, du, dv);
      gp_Vec nn = du.Crossed(dv);
      if (nn.Magnitude() < 1e-12) continue;
      nn.Normalize();
      if (flip) nn.Reverse();
      out.open('[');
      out.num(p.X()); out.num(p.Y()); out.num(p.Z());
      out.num(nn.X()); out.num(nn.Y()); out.num(nn.Z());
      out.close(']');
    }
  out.close(']');
}

bool write_face(json &out, const TopoDS_Face &f) {
  bool analytic = true;
  BRepAdaptor_Surface a(f);
  out.open('{');
  double u0, u1, v0, v1;
  BRepTools::UVBounds(f, u0, u1, v0, v1);
  gp_Pnt p;
  gp_Vec du, dv;
  a.D1((u0 + u1) / 2, (v0 + v1) / 2, p, du, dv);
  gp_Vec n = du.Crossed(dv);
  if (n.Magnitude() > 1e-14) n.Normalize();
  if (f.Orientation() == TopAbs_REVERSED) n.Reverse();
  out.kxyz("at", p.XYZ());
  out.kxyz("normal", n.XYZ());
  switch (a.GetType()) {
  case GeomAbs_Plane:
    out.kstr("kind", "plane");
    break;
  case GeomAbs_Cylinder: {
    gp_Cylinder c = a.Cylinder();
    out.kstr("kind", "cylinder");
    out.kxyz("origin", c.Location().XYZ());
    out.kxyz("direction", c.Axis().Direction().XYZ());
    out.knum("radius", c.Radius());
    out.knum("from", v0);
    out.knum("to", v1);
    out.knum("sweep", u1 - u0);
    break;
  }
  case GeomAbs_Cone: {
    gp_Cone c = a.Cone();
    out.kstr("kind", "cone");
    out.kxyz("origin", c.Apex().XYZ());
    // the direction in which the cone opens
    gp_Dir d = c.Axis().Direction();
    gp_Pnt q = a.Value(u0, (v0 + v1) / 2);
    if (gp_Vec(c.Apex(), q).Dot(gp_Vec(d)) < 0) d.Reverse();
    out.kxyz("direction", d.XYZ());
    out.knum("half_angle", std::fabs(c.SemiAngle()) * 180 / M_PI);
    break;
  }
  case GeomAbs_Sphere: {
    gp_Sphere s = a.Sphere();
    out.kstr("kind", "sphere");
    out.kxyz("origin", s.Location().XYZ());
    out.knum("radius", s.Radius());
    break;
  }
  case GeomAbs_Torus: {
    gp_Torus t = a.Torus();
    out.kstr("kind", "torus");
    out.kxyz("origin", t.Location().XYZ());
    out.kxyz("direction", t.Axis().Direction().XYZ());
    out.knum("radius", t.MajorRadius());
    out.knum("minor", t.MinorRadius());
    break;
  }
  default:
    analytic = false;
    out.kstr("kind", "other");
    samples(out, f, a);
  }
  out.close('}');
  return analytic;
}

void write_edge(json &out, const TopoDS_Edge &e, const std::vector<int> &on) {
  out.open('{');
  out.key("on");
  out.open('[');
  for (int f : on) out.integer(f);
  out.close(']');
  if (BRep_Tool::Degenerated(e)) {
    out.kstr("kind", "none");
    out.close('}');
    return;
  }
  BRepAdaptor_Curve c(e);
  double a = c.FirstParameter(), b = c.LastParameter();
  out.kxyz("from", c.Value(a).XYZ());
  out.kxyz("to", c.Value(b).XYZ());
  switch (c.GetType()) {
  case GeomAbs_Line:
    out.kstr("kind", "line");
    break;
  case GeomAbs_Circle:
    out.kstr("kind", "circle");
    out.kxyz("origin", c.Circle().Location().XYZ());
    out.kxyz("direction", c.Circle().Axis().Direction().XYZ());
    out.knum("radius", c.Circle().Radius());
    out.knum("sweep", b - a);
    break;
  default: {
    out.kstr("kind", "other");
    out.key("samples");
    out.open('[');
    for (int i = 0; i <= 16; i++) out.xyz(c.Value(a + (b - a) * i / 16).XYZ());
    out.close(']');
  }
  }
  out.close('}');
}
