package org.zipthimble.core.thing;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.kept.Recent;
import org.zipthimble.core.units.Size;

/**
 * What a body means for the flat piece, worked out once.
 *
 * @param size as it is composed
 * @param outline of the finished edge where it is no rectangle
 * @param zones what words and faces keep out of
 */
public record Laid(Size size, Optional<Path> outline, List<Body.Zone> zones) {
  private static final int MOST = 64;
  private static final Recent<Body, Void, Laid> KEPT = Recent.plain(MOST, body -> new Laid(body.size(), body.outline(), body.zones()));

  /** Keeps a copy. */
  public Laid {
    zones = List.copyOf(zones);
  }

  /** That of a body. */
  public static Laid of(Body body) {
    return KEPT.get(body);
  }
}
