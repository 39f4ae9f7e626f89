package org.zipthimble.core.marks;

import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.picture.Picture;

/**
 * A surface such as foil.
 *
 * @param colour its own colour; where a press has a plate for that, the plate is what is laid down
 * @param picture how it looks
 * @param toPage the map from the picture's unit square to the page
 */
public record FinishedArea(Colour colour, Picture picture, Affine toPage) {}
