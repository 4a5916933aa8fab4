//go:build !lean

package main

// served are the commands that want a database, and the interface.
var served = []command{
	{"demo", "", "Starts with the sample project and prints the address.", func(c *call) int { return runServe(c, true) }},
	{"serve", "", "Starts with your own data and prints the address.", func(c *call) int { return runServe(c, false) }},
	{"import", "FILE…", "Brings part files into the database: exit 1 if one could not be read or was left over. While Setfast runs on the same data, that reads them.", runImport},
	{"people", "", "Tells who may sign in; adds people, sends them new links, bars them, while Setfast runs or not.", runPeople},
	{"backup", "FILE", "Writes all data to a file, while Setfast runs or not.", runBackup},
	{"restore", "FILE", "Brings the data of a backup back.", runRestore},
}
