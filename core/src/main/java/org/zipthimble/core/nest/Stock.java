package org.zipthimble.core.nest;

import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;

/**
 * What pieces are laid on.
 *
 * @param usable where the blade goes, in inches on the sheet; of a roll its length is the longest allowed
 * @param roll whether the length that is used is to be short
 * @param scrap the outline of an irregular piece of stock; pieces stay within it too
 */
public record Stock(Box usable, boolean roll, Optional<Path> scrap) {}
