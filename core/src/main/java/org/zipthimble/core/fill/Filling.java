package org.zipthimble.core.fill;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.type.FieldUse;
import org.zipthimble.core.wording.Trouble;

/** The job as its facts and the shown row of its list fill it: fields, codes, pictures and colours. */
public final class Filling {
  private Filling() {}

  /** The job as a row of its list (from 0) fills it; the same where it has none. */
  public static Job bound(Job job, int row) {
    return job.list().map(l -> filled(job.withList(Optional.of(l.withAt(row))))).orElse(job);
  }

  /** The picture of a job that a cell names, by its file's name with or without its ending. */
  public static Optional<Picture> picture(Job job, String cell) {
    String wanted = cell.strip();
    return wanted.isEmpty() ? Optional.empty() : job.pictures().values().stream()
        .filter(p -> p.name().equalsIgnoreCase(wanted) || p.name().replaceFirst("\\.[A-Za-z]{3,4}$", "").equalsIgnoreCase(wanted))
        .findFirst();
  }

  /** The colour that a cell tells: as {@code #7a2e22}, or by the name of a swatch. */
  public static Optional<Colour> colour(Job job, String cell) {
    try {
      return Optional.of(Colour.parse(cell.strip()));
    } catch (Trouble none) {
      return job.palette().swatches().stream().filter(s -> s.name().equalsIgnoreCase(cell.strip())).map(Swatch::colour).findFirst();
    }
  }

  /** The job with the pictures and colours that the shown row names; what it does not name stays. */
  private static Job shown(Job job) {
    Job out = job;
    RowList list = job.list().orElse(null);
    if (list == null || list.pictures().isEmpty() && list.colours().isEmpty()) {
      return job;
    }
    for (Map.Entry<String, String> one : list.pictures().entrySet()) {
      Optional<String> id = list.value(one.getValue()).flatMap(c -> picture(job, c)).map(Picture::id);
      if (id.isPresent()) {
        out = out.withFaces(out.faces().stream()
            .map(f -> f.changed(one.getKey(), i -> i.pictureIds().equals(List.of(id.get())) ? i : i.repictured(was -> id.get()))).toList());
      }
    }
    for (Map.Entry<String, String> one : list.colours().entrySet()) {
      Optional<Swatch> swatch = out.palette().swatches().stream().filter(s -> s.name().equals(one.getKey())).findFirst();
      Optional<Colour> colour = list.value(one.getValue()).flatMap(c -> colour(job, c));
      if (swatch.isPresent() && colour.isPresent() && !colour.get().equals(swatch.get().colour())) {
        out = Recolouring.swatch(out, swatch.get().colour(), new Swatch(swatch.get().name(), colour.get(), Optional.empty()));
      }
    }
    return out;
  }

  /** The fact of a name. */
  public static Optional<Fact> find(Job job, String name) {
    int at = index(job, name);
    return at < 0 ? Optional.empty() : Optional.of(job.facts().get(at));
  }

  /** What a field says: the shown row of the list in the column of its name, or the fact of that name. */
  private static Optional<String> said(Job job, FieldUse use) {
    return job.list().flatMap(l -> l.value(use.name())).or(() -> find(job, use.name()).map(f -> f.shown(use.form())));
  }

  /** Where the fact of a name stands, from 0; below 0 where there is none. */
  public static int index(Job job, String name) {
    for (int i = 0; i < job.facts().size(); i++) {
      if (job.facts().get(i).name().equals(name)) {
        return i;
      }
    }
    return -1;
  }

  private static HasOutline saying(HasOutline shape, Outline.Coded code, String content) {
    return code.content().equals(content) ? shape : shape.withOutline(new Outline.Coded(code.code(), content, code.fact()));
  }

  /** The job with every code saying what its fact says. */
  private static Job coded(Job job) {
    return job.withFaces(job.faces().stream().map(face -> face.changed(
        face.all().stream().filter(i -> i.outlined().flatMap(s -> s.outline().asCoded()).flatMap(c -> c.fact()).isPresent()).map(Item::id)
        .collect(Collectors.toSet()),
        item -> item.redrawn(s -> s.outline().asCoded()
        .flatMap(c -> c.fact().flatMap(name -> job.list().flatMap(l -> l.value(name)).or(() -> find(job, name).map(Fact::value))).map(v ->
            (Item) saying(s, c, v))).orElse(s)))).toList());
  }

  /** The job with every field showing what its fact says; a field without a fact stays as it is. */
  public static Job filled(Job job) {
    return Grounds.laid(BlockRoom.settled(EachStory.changed(coded(shown(job)), story -> story.eachRun(r -> r.field()
        .flatMap(u -> said(job, u)).map(r::saying).orElse(r)))));
  }
}
