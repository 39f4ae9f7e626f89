package org.zipthimble.core.type;

/** A glyph of a face, by its number, and where its origin stands on the line in inches from the run's start. */
public record Glyph(int id, double x, double y) {}
