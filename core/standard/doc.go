// Package standard holds what published standards say of threads, holes and fasteners: tables with their source and edition, nothing computed
// beyond what the standard's own formula gives. Values are mm unless a table is an inch one, which keeps inches as its source prints them. They
// were written from memory; the tests hold them against the rules by which the standards themselves were made.
package standard
