// Package proof holds the account against a reference of its own: residuals written from the contract alone (docs/assembly-file.md), their
// derivatives by differences, ranks by the singular values of a general library. It has tests only. Random assemblies over all types,
// joints, couplings, limits and uses are consistent by construction, or broken by a known amount; metamorphic checks ask for the same
// answer about the same thing said differently. Some hundred seeds run each time, more by SETFAST_SEEDS=n; FuzzAccount goes on for ever.
package proof
