// Package tol holds every tolerance of the computation: its name, its unit, why it is what it is, and in its tests what it
// decides. A number in a file of core that is small and bare belongs here.
//
// Four kinds are told apart. Bounds of the contract are stated in the specification of the file and must not change by themselves.
// Bounds of meaning decide what a designer is told (whether a motion counts, a relation is at odds). Guards keep arithmetic
// away from where it means nothing (a zero length, a division by rounding). Budgets bound work, not precision.
package tol
