package main

import (
	_ "embed"
	"fmt"
	"io"
	"slices"

	"setfast/core/near"
)

// usage is the text of ./setfast help, which the start script shows without building anything.
//
//go:embed usage.txt
var usage string

// command is one word of the command line.
type command struct {
	name, args string
	does       string // a sentence for its help
	run        func(c *call) int
}

// commands are all that this program was built with (see full.go and lean.go).
func commands() []command {
	return append([]command{
		{"check", "FILE…", "Judges assembly files without a database: exit 0 if all pass, 1 if one does not, 2 if one cannot be read.", runCheck},
		{"variants", "FILE", "Solves each variant that an assembly file has, side by side: exit 0 if all pass, 1 if one does not, 2 if it cannot be read.", runVariants},
		{"run", "FILE DRIVE", "Takes a drive of a document and tells what is met on the way: exit 0 if nothing is, 1 if something is or it does not reach its end, 2 if it cannot be read.", runRun},
		{"travel", "FILE JOINT", "Tells how far a joint goes both ways until parts meet or a limit is come to.", runTravel},
		{"cam", "FILE", "Works the law of a cam out from its edge and its follower: stroke, limits and the profile of the coupling.", runCam},
		{"mesh", "FILE", "Tells how the teeth of two wheels, or of a wheel and a rack, mesh: module, distance, ratio and phase: exit 0 if distance and modules are right, 1 if not, 2 if no teeth are found.", runMesh},
		{"relate", "FILE", "Finds the relations that a placed assembly implies, in a STEP file or a document, and takes its account: exit 0 if it passes then, 1 if it does not, 2 if it cannot be read.", runRelate},
		{"fastener", "NAME", "Answers from the tables of standards: a fastener's dimensions and shape, which screws a hole fits, which length a joint wants: exit 0, 1 where it is not made or does not do, 2 where it is not known.", runFastener},
		{"stacks", "FILE", "Checks the fastened joints of a document: grip, length, engagement, seats and holes: exit 0 if nothing is found, 1 if something is, 2 if it cannot be read.", runStacks},
		{"supply", "FILE", "Tells what the fasteners of a document cost, in whole packs, and when they are there: exit 0 if all are in stock, 1 if not, 2 if it cannot be read.", runSupply},
		{"copies", "FILE", "Tells what became of copies: how many there are, which relations came along and which did not: exit 0 if each copy is held, 1 if one is not, 2 if it cannot be read.", runCopies},
		{"hand", "PART.step", "Tells whether a part is its own mirror image, and the motion that proves it: exit 0 if it is, 1 if it has a left and a right hand, 2 if it cannot be read.", runHand},
		{"mirror", "FILE", "Copies components with their relations to the other side of a plane, opposite hands where a part is not its own mirror image: exit 0 if all relations came along, 1 if some are left out, 2 if it cannot be done.", runMirror},
		{"update", "FILE NEW.step", "Puts a newer file of a part in the place of the old one: which relations hold on, what moved, what broke: exit 0 if all hold on, 1 if some are broken, 2 if it cannot be done.", runUpdate},
		{"drill", "FILE", "Gives a part holes where others have theirs, by the standards or as wide as what goes through: exit 0 if all relations on it hold on, 1 if some are broken, 2 if it cannot be done.", runDrill},
		{"outline", "FILE", "Makes a plate or spacer of a flat face, holes and all, and fastens it there: exit 2 if it cannot be done.", runOutline},
		{"compare", "A B", "Tells what differs between two documents: parts, components, relations, the account, measures: exit 0 if nothing does, 1 if something does, 2 if one cannot be read.", runCompare},
		{"list", "FILE", "Prints the parts list, flat or level by level, and holds it against the brief: exit 0 if that is met, 1 if it is not, 2 if the file cannot be read.", runList},
		{"explode", "FILE", "Takes an assembly apart: in which order, along which directions, how far for an exploded view; what is caught on what: exit 0 if all of it comes apart, 1 if something is caught, 2 if it cannot be read.", runExplode},
		{"sheet", "FILE", "Draws an assembly on a sheet: views, section, exploded view, parts list, balloons, title block, on the smallest sheet that takes them at a standard scale, as SVG, PDF or DXF: exit 2 if it cannot be drawn.", runSheet},
		{"export", "FILE", "Writes the solved assembly for other programs: STEP AP242, STL, 3MF, GLB: exit 0 if all of it is written, 1 if a part has no shape for it, 2 if it cannot be written.", runExport},
		{"guide", "FILE", "Tells how an assembly is put together, a sentence a step, with a picture of each as PDF: exit 0 if all of it is, 1 if something cannot be taken apart, 2 if it cannot be read.", runGuide},
		{"proof", "FILE", "Gathers the check of an assembly and of all below it for a signature, with a digest of what was checked: exit 0 if it passes, 1 if not, 2 if it cannot be read.", runProof},
		{"mark", "KEY FILE…", "Holds submissions against a key: parts, order, verdict, measures, clashes, copies under other names: exit 0 if all pass, 1 if one does not, 2 if the key cannot be read.", runMark},
		{"clash", "FILE", "Tells what passes through what in a document, a STEP file or a scene of triangles: exit 0 if nothing does, 1 if something does, 2 if it cannot be read.", runClash},
		{"inspect", "FILE…", "Shows what is in STEP or IGES files, read together with those they refer to: exit 1 if one of these is missing.", runInspect},
		{"push", "FILE…", "Hands files to a server, STEP, IGES, documents or bundles, and waits until they are read: exit 0 if all were taken, 1 if one was not, 2 if the server cannot be reached or says no.", runPush},
		{"pull", "ASSEMBLY", "Fetches an assembly from a server, by its number or as project/name: exit 2 if it cannot be had.", runPull},
		{"version", "", "Tells which version this is.", runVersion},
	}, served...)
}

// elsewhere are commands that this program may have been built without, or that the start script answers.
var elsewhere = []string{"demo", "serve", "import", "people", "backup", "restore", "test", "bench", "help"}

// run does what the arguments say and gives the code to exit with.
func run(args []string, in io.Reader, out, errs io.Writer) int {
	if len(args) == 0 || slices.Contains([]string{"help", "-h", "-help", "--help"}, args[0]) {
		fmt.Fprint(out, usage)
		return 0
	}
	name := args[0]
	if name == "--version" {
		name = "version"
	}
	var known []string
	for _, c := range commands() {
		if c.name == name {
			return c.run(newCall(c, args[1:], in, out, errs))
		}
		known = append(known, c.name)
	}
	hint := "./setfast help lists them"
	if s := near.Of(name, append(known, elsewhere...)); s != "" {
		hint = fmt.Sprintf("did you mean %q? %s", s, hint)
	}
	fmt.Fprintf(errs, "setfast: there is no command %q; %s\n", name, hint)
	return 2
}
