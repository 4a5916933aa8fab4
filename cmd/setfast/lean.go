//go:build lean

package main

// served are none: this program was built to judge files, without the modules of database and interface.
var served []command
