package mildlantern.web.reference;

/** A page of the reference and the name of what it tells of. */
record Ref(String name, String path) {}
