// Package occt is the only place that touches Open CASCADE. It is linked into the kernel's child process and nowhere else.
package occt

/*
#cgo CXXFLAGS: -std=c++17 -O1 -w -I/usr/include/opencascade -DOCC_CONVERT_SIGNALS
#cgo LDFLAGS: -lTKXDESTEP -lTKXDEIGES -lTKSTEP -lTKSTEPAttr -lTKSTEP209 -lTKSTEPBase -lTKIGES -lTKXSBase -lTKXCAF -lTKVCAF -lTKCAF -lTKLCAF -lTKCDF -lTKMesh -lTKHLR -lTKFillet -lTKOffset -lTKBool -lTKBO -lTKShHealing -lTKTopAlgo -lTKGeomAlgo -lTKPrim -lTKBRep -lTKGeomBase -lTKG3d -lTKG2d -lTKMath -lTKernel
#include <stdlib.h>
#include "occt.h"
*/
import "C"

import (
	"errors"
	"unsafe"
)

// Start readies the library; call it once.
func Start() { C.sf_start() }

// Read reads a STEP ("step") or IGES ("iges") file given by an absolute name. It returns a JSON text and the block of
// numbers that the text points into.
func Read(path, format string, maxInstances int) (text, blob []byte, err error) {
	p, f := C.CString(path), C.CString(format)
	defer C.free(unsafe.Pointer(p))
	defer C.free(unsafe.Pointer(f))
	return take(C.sf_read(p, f, C.int(maxInstances)))
}

// Make runs a recipe, see recipe.cpp for its words.
func Make(recipe string) error {
	r := C.CString(recipe)
	defer C.free(unsafe.Pointer(r))
	_, _, err := take(C.sf_make(r))
	return err
}

// Overlap tells of pairs of shapes how far apart they are or what they have in common, see overlap.cpp for the words of a job.
func Overlap(job string) (text, blob []byte, err error) {
	j := C.CString(job)
	defer C.free(unsafe.Pointer(j))
	return take(C.sf_overlap(j))
}

func take(r C.sf_result) (text, blob []byte, err error) {
	defer C.sf_free(r)
	if r.error != nil {
		return nil, nil, errors.New(C.GoString(r.error))
	}
	if r.json != nil {
		text = C.GoBytes(unsafe.Pointer(r.json), C.int(r.json_len))
	}
	if r.blob != nil {
		blob = unsafe.Slice((*byte)(unsafe.Pointer(r.blob)), int(r.blob_len))
		blob = append([]byte(nil), blob...)
	}
	return text, blob, nil
}
