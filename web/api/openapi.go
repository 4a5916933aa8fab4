package api

import (
	"net/http"
	"reflect"
	"regexp"
	"strconv"
	"strings"
	"time"

	"github.com/labstack/echo/v5"

	"setfast/app/commands"
	"setfast/app/people"
	"setfast/core/report"
	"setfast/internal/version"
	"setfast/web/ask"
)

// operation is something that a program can ask for. What is served and what is described are the same table.
type operation struct {
	method, path, says string
	run                echo.HandlerFunc
	needs              people.Right // in the project; none: a token
	query              [][2]string  // name and words
	in                 any          // of the body: a value of its type, or a kind of content
	code               int
	out                any
}

// act stands for any of the commands.
type act struct{}

// content is a body that is no JSON of ours.
type content string

func (a *API) operations() []operation {
	on := ask.On
	return []operation{
		{"GET", "/projects", "The projects that one is in.", a.projects, 0, nil, nil, 200, []Project{}},
		{"POST", "/projects", "Starts a project; who starts it owns it.", a.startProject, 0, nil, Named{}, 201, Project{}},
		{"GET", "/projects/:project/assemblies", "The assemblies on the Shelf.", on("project", a.assemblies), people.Look, nil, nil, 200, []Assembly{}},
		{"POST", "/projects/:project/assemblies", "Starts an empty assembly.", on("project", a.startAssembly), people.Edit, nil, Named{}, 201, Assembly{}},
		{"GET", "/projects/:project/parts", "The parts on the Shelf.", on("project", a.parts), people.Look, nil, nil, 200, []Part{}},
		{"POST", "/projects/:project/files", "Takes a file in: STEP, IGES, a document, or a zip bundle of them. It is read by and by.", on("project", a.handIn), people.Edit,
			[][2]string{{"name", "what the file is called; its ending tells what it is"}}, content("application/octet-stream"), 202, Batch{}},
		{"GET", "/projects/:project/files/:batch", "How far the reading of what was handed in is.", on("project", a.batch), people.Look, nil, nil, 200, Batch{}},
		{"GET", "/projects/:project/hooks", "Addresses that are told when a verdict changes.", on("project", a.hooks), people.Govern, nil, nil, 200, []Hook{}},
		{"POST", "/projects/:project/hooks", "Lets an address be told. The secret by which what is told is signed is shown this once.", on("project", a.addHook), people.Govern, nil, Address{}, 201, Hook{}},
		{"DELETE", "/projects/:project/hooks/:hook", "Tells an address no more.", on("project", a.dropHook), people.Govern, nil, nil, 200, []Hook{}},
		{"GET", "/assemblies/:asm", "An assembly as it stands.", on("asm", a.assembly), people.Look, nil, nil, 200, Assembly{}},
		{"GET", "/assemblies/:asm/document", "It and all that it uses as a document; parts name their files by SHA-256.", on("asm", a.document), people.Look, nil, nil, 200, content("application/json")},
		{"GET", "/assemblies/:asm/bundle", "The document with the files of its parts.", on("asm", a.bundle), people.Look, nil, nil, 200, content("application/zip")},
		{"GET", "/assemblies/:asm/report", "The account of it and of all below it, as check --json prints it; assemblies are called a and their number.", on("asm", a.report), people.Look, nil, nil, 200, report.Report{}},
		{"GET", "/assemblies/:asm/log", "Lines of its log, the latest first, a hundred at most.", on("asm", a.log), people.Look, [][2]string{{"before", "only lines before this one"}}, nil, 200, []Line{}},
		{"POST", "/assemblies/:asm/acts", "Does something to it: one line of the log. Refused with 409 where somebody changed what it touches since.", on("asm", a.act), people.Edit, nil, act{}, 200, Done{}},
		{"POST", "/assemblies/:asm/undo", "Takes the latest line back.", on("asm", a.back(a.App.Undo)), people.Edit, nil, Based{}, 200, Done{}},
		{"POST", "/assemblies/:asm/redo", "Does again what was taken back last.", on("asm", a.back(a.App.Redo)), people.Edit, nil, Based{}, 200, Done{}},
	}
}

// Rights tells what each route needs.
func Rights() (out map[string]people.Right) {
	out = map[string]people.Right{}
	a := API{}
	for _, o := range a.operations() {
		out[o.method+" "+prefix+o.path] = o.needs
	}
	return out
}

type object = map[string]any

var pathParam = regexp.MustCompile(`:([a-z]+)`)

// openAPI describes the table in the form of OpenAPI 3.0.
func (a *API) openAPI() object {
	s := &schemas{all: object{}}
	paths := object{}
	for _, o := range a.operations() {
		at := pathParam.ReplaceAllString(o.path, "{$1}")
		if paths[at] == nil {
			paths[at] = object{}
		}
		paths[at].(object)[strings.ToLower(o.method)] = s.operation(o)
	}
	return object{
		"openapi": "3.0.3",
		"info": object{"title": "Setfast", "version": version.Number, "description": "Acts and reports of a Setfast server. Lengths are mm, angles degrees, times UTC. " +
			"An answer that says no is {\"error\"}: 401 without a token, 403 without the role, 404 of what is not there or not yours, 409 of an act that others got ahead of, 422 of what is wrong, " +
			"503 with Retry-After of a server that is busy. Setfast checks geometry, not strength."},
		"servers":    []object{{"url": prefix}},
		"security":   []object{{"token": []string{}}},
		"paths":      paths,
		"components": object{"schemas": s.all, "securitySchemes": object{"token": object{"type": "http", "scheme": "bearer"}}},
	}
}

func (s *schemas) operation(o operation) object {
	var params []object
	for _, m := range pathParam.FindAllStringSubmatch(o.path, -1) {
		kind := object{"type": "integer", "format": "int64"}
		if m[1] == "batch" {
			kind = object{"type": "string"}
		}
		params = append(params, object{"name": m[1], "in": "path", "required": true, "schema": kind})
	}
	for _, q := range o.query {
		kind := object{"type": "string"}
		if q[0] == "before" {
			kind = object{"type": "integer", "format": "int64"}
		}
		params = append(params, object{"name": q[0], "in": "query", "required": q[0] == "name", "description": q[1], "schema": kind})
	}
	fault := object{"description": "why not", "content": object{"application/json": object{"schema": s.of(reflect.TypeFor[Fault]())}}}
	out := object{"summary": o.says, "operationId": strings.ToLower(o.method) + strings.ReplaceAll(strings.ReplaceAll(o.path, "/", "-"), ":", ""),
		"responses": object{strconv.Itoa(o.code): object{"description": http.StatusText(o.code), "content": s.content(o.out)}, "default": fault}}
	if params != nil {
		out["parameters"] = params
	}
	if o.in != nil {
		out["requestBody"] = object{"required": true, "content": s.content(o.in)}
	}
	return out
}

func (s *schemas) content(v any) object {
	switch v := v.(type) {
	case content:
		kind := object{"type": "string", "format": "binary"}
		if v == "application/json" {
			kind = object{"type": "object"}
		}
		return object{string(v): object{"schema": kind}}
	case act:
		return object{"application/json": object{"schema": s.acts()}}
	}
	return object{"application/json": object{"schema": s.of(reflect.TypeOf(v))}}
}

// schemas are those of the types that were met.
type schemas struct{ all object }

// acts is one of the commands, told apart by what they do.
func (s *schemas) acts() object {
	var one []object
	mapping := object{}
	for _, name := range commands.Names() {
		schema := s.members(commands.Kind(name))
		props := schema["properties"].(object)
		props["do"] = object{"type": "string", "enum": []string{name}}
		props["base"] = object{"type": "integer", "format": "int64", "description": "the seq of the state that it is meant for"}
		props["token"] = object{"type": "string", "description": "names the act, so that one sent twice is done once"}
		schema["required"] = []string{"do", "base"}
		ref := "Act-" + name
		s.all[ref] = schema
		one = append(one, object{"$ref": "#/components/schemas/" + ref})
		mapping[name] = "#/components/schemas/" + ref
	}
	return object{"oneOf": one, "discriminator": object{"propertyName": "do", "mapping": mapping}}
}

// of is the schema of a type; structs with names are told once.
func (s *schemas) of(t reflect.Type) object {
	switch {
	case t == reflect.TypeFor[time.Time]():
		return object{"type": "string", "format": "date-time"}
	case t.Kind() == reflect.Pointer:
		return s.of(t.Elem())
	}
	switch t.Kind() {
	case reflect.String:
		return object{"type": "string"}
	case reflect.Bool:
		return object{"type": "boolean"}
	case reflect.Float64:
		return object{"type": "number"}
	case reflect.Int, reflect.Int64:
		return object{"type": "integer", "format": "int64"}
	case reflect.Slice, reflect.Array:
		if t.Implements(reflect.TypeFor[interface{ MarshalJSON() ([]byte, error) }]()) || t.Elem().Kind() == reflect.Uint8 {
			return object{}
		}
		return object{"type": "array", "items": s.of(t.Elem())}
	case reflect.Map:
		return object{"type": "object", "additionalProperties": s.of(t.Elem())}
	case reflect.Struct:
		if t.PkgPath() != reflect.TypeFor[API]().PkgPath() { // of other rooms: told in the documentation of the file
			return object{"type": "object"}
		}
		if s.all[t.Name()] == nil {
			s.all[t.Name()] = object{} // it may name itself
			s.all[t.Name()] = s.members(t)
		}
		return object{"$ref": "#/components/schemas/" + t.Name()}
	}
	return object{} // anything
}

// members is the schema of a struct by its members.
func (s *schemas) members(t reflect.Type) object {
	props := object{}
	var required []string
	for i := range t.NumField() {
		f := t.Field(i)
		name, rest, _ := strings.Cut(f.Tag.Get("json"), ",")
		if f.Anonymous && name == "" && f.Type.Kind() == reflect.Struct {
			inner := s.members(f.Type)
			for k, v := range inner["properties"].(object) {
				props[k] = v
			}
			continue
		}
		if !f.IsExported() || name == "-" || name == "" {
			continue
		}
		p := s.of(f.Type)
		if says := f.Tag.Get("doc"); says != "" && p["$ref"] == nil {
			p["description"] = says
		}
		props[name] = p
		if !strings.Contains(rest, "omitempty") {
			required = append(required, name)
		}
	}
	out := object{"type": "object", "properties": props}
	if required != nil {
		out["required"] = required
	}
	return out
}
