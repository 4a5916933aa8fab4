// Package tol holds every tolerance of the computation: its name, its unit, why it is what it is. Its tests find small numbers that
// stand bare in core, and constants here that decide nothing; TestBounds in core/account shows what those decide that a designer
// can meet.
//
// Four kinds are told apart. Bounds of the contract are stated in the specification of the file and must not change by themselves.
// Bounds of meaning decide what a designer is told (whether a motion counts, a relation is at odds). Guards keep arithmetic away
// from where it means nothing (a zero length, a division by rounding). Budgets bound work, not precision; they stand with a name
// where the work is done.
package tol
