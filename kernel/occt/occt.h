#pragma once
#include <stddef.h>
#ifdef __cplusplus
extern "C" {
#endif

// sf_result holds a JSON text and a block of numbers it points into, or an error message.
typedef struct {
  char *json;
  size_t json_len;
  char *blob;
  size_t blob_len;
  char *error;
} sf_result;

// sf_start silences the library and turns hardware signals into exceptions.
void sf_start(void);
// sf_read reads a STEP ("step") or IGES ("iges") file given by an absolute name.
sf_result sf_read(const char *path, const char *format, int max_instances);
// sf_make runs a recipe and writes a STEP file; see recipe.cpp for its words.
sf_result sf_make(const char *recipe);
// sf_overlap tells of pairs of shapes how far apart they are or what they have in common; see overlap.cpp for the words of a job.
sf_result sf_overlap(const char *job);
void sf_free(sf_result r);

#ifdef __cplusplus
}
#endif
