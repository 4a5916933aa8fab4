#pragma once
#include "occt.h"
#include "common.h"
#include <TopTools_IndexedMapOfShape.hxx>
#include <TopoDS_Edge.hxx>
#include <TopoDS_Face.hxx>
#include <cstdint>
#include <vector>

// write_face says what a face is; it gives whether that is known exactly, and not only by samples.
bool write_face(json &out, const TopoDS_Face &f);

// write_edge says what an edge is; on are the faces it bounds, by number, one twice where it closes.
void write_edge(json &out, const TopoDS_Edge &e, const std::vector<int> &on);

// triangles is a meshed shape: triangles with a range per face, and a polyline per edge.
struct triangles {
  std::vector<float> positions, normals, lines;
  std::vector<uint32_t> indices, face_ends, line_ends;
  triangles(const TopoDS_Shape &s, const TopTools_IndexedMapOfShape &faces, const TopTools_IndexedMapOfShape &edges);
};
