package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.item.HoldsPicture;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.picture.Trace;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Shapes traced from a placed picture. */
public final class Tracing {
  private Tracing() {}

  /**
   * Traces a picture where it lies; the shapes are put above all, as a group where there are several colours.
   *
   * @throws Trouble when the picture cannot be decoded, or nothing was found in it
   * @throws Stopped when the person stopped it
   */
  public static Edit edit(Job job, String faceId, HoldsPicture photo, Trace.TraceSetting asked, Progress progress) throws Trouble, Stopped {
    List<Trace.Layer> layers = Trace.of(
        Pictures.decode(job.pictures().get(photo.pictureId()).retouched(photo.retouching().withEnlarged(1))), asked, progress);
    if (layers.isEmpty()) {
      throw Trouble.of("trace.nothing", photo.properties().name());
    }
    Placement p = photo.placement();
    Affine map = Affine.scale(p.width(), p.height()).then(p.toGround());
    List<Item> shapes = new ArrayList<>();
    for (Trace.Layer layer : layers) {
      String name = layers.size() == 1 ? photo.properties().name() : layer.colour().hex();
      shapes.add(Drawings.shape(ItemProperties.of("x" + shapes.size(), name), layer.unit().mapped(map), Optional.of(layer.colour()),
          Optional.empty()));
    }
    List<Item> all = shapes.size() == 1 ? shapes : List.of(Grouping.of(ItemProperties.of("x", photo.properties().name()), shapes));
    return new Edit(Wording.text("edit.trace"), Copies.paste(faceId, all, java.util.Map.of(), 0, 0).change());
  }
}
