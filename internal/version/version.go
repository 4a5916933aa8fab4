// Package version holds the version's number: that of the tag, and of the first entry of CHANGELOG.md.
package version

// Number is major.minor.patch: a new major where files, reports or data of before are no longer read, a new minor with capabilities.
const Number = "0.13.3"
