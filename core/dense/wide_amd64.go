package dense

const wide = true
