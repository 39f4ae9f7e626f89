package org.zipthimble.core.font;

/**
 * A glyph of a face, by its number, and where its origin stands on the line in inches from the run's start.
 *
 * @param text the characters it stands for: several of a ligature, none where the glyph before it stands for them too
 * @param cluster the place in the run's text where its characters begin
 * @param advance the room it takes along the line in inches, tracking counted
 */
public record Glyph(int id, double x, double y, String text, int cluster, double advance) {}
