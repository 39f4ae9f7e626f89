package org.zipthimble.core.bring;

import java.util.List;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HoldsPicture;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.wording.Wording;

/** Brings picture files into a job. */
public final class PictureIn {
  private static final int LONGEST_NAME = 60;
  private static final double LEAST_CELL = 0.1;

  private PictureIn() {}

  /**
   * The object for a picture at its true size for the ticket's resolution, its middle at a place.
   *
   * @param at in inches on the face
   */
  public static HoldsPicture place(Job job, Picture picture, Point at) {
    Ticket ticket = job.ticket();
    double ppi = picture.truePpi().orElse(ticket.ppi());
    double width = Math.min(Placement.FARTHEST, picture.width() / ppi);
    double height = Math.min(Placement.FARTHEST, picture.height() / ppi);
    Box box = new Box(at.x() - width / 2, at.y() - height / 2, width, height);
    return ItemPhoto.of(ItemProperties.of(job.freshId(), shortName(picture.name())), Placement.of(box), picture.id());
  }

  /**
   * Places pictures all at once in a grid over the safe area, each as large as its cell allows, row by row.
   *
   * @param columns 1 or more; rows follow from the number of pictures
   * @param gap between cells, in inches
   */
  public static Edit grid(Job job, String faceId, List<Picture> pictures, int columns, double gap) {
    int across = Math.max(1, Math.min(columns, pictures.size()));
    int rows = (pictures.size() + across - 1) / across;
    Box safe = job.frame(job.face(faceId).orElseThrow()).safeBox();
    double w = Math.max(LEAST_CELL, (safe.width() - gap * (across - 1)) / across);
    double h = Math.max(LEAST_CELL, (safe.height() - gap * (rows - 1)) / rows);
    return new Edit(Wording.text("edit.pictureGrid", pictures.size()), before -> {
      Job out = before;
      for (int i = 0; i < pictures.size(); i++) {
        Picture picture = pictures.get(i);
        double scale = Math.min(w / picture.width(), h / picture.height());
        double x = safe.x() + i % across * (w + gap) + (w - picture.width() * scale) / 2;
        double y = safe.y() + i / across * (h + gap) + (h - picture.height() * scale) / 2;
        Item photo = ItemPhoto.of(ItemProperties.of(out.freshId(), shortName(picture.name())),
            Placement.of(x, y, picture.width() * scale, picture.height() * scale, 0), picture.id());
        out = Edits.add(faceId, photo, picture).change().apply(out);
      }
      return out;
    });
  }

  private static String shortName(String file) {
    int dot = file.lastIndexOf('.');
    String name = dot > 0 ? file.substring(0, dot) : file;
    return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
  }
}
