package org.zipthimble.core.check.sheet;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.JobCheck;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.check.picture.PictureSmall;
import org.zipthimble.core.check.words.CodeReads;
import org.zipthimble.core.check.words.WordsLeftOver;
import org.zipthimble.core.code.Codes;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.ListEdits;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Ongoing;

/**
 * Rows of a list that do not fit the design: words left over or too wide, codes that cannot say what the row says. The row that is shown
 * is told by the other checks.
 */
public final class RowsFit extends JobCheck {
  /** So many rows are looked at; more would keep a person waiting at every edit. */
  private static final int MOST_ROWS = 2000;
  private static final int MOST_TOLD = 25;

  @Override
  public Set<String> codes() {
    return Set.of("row-misfit", "row-misfits-more");
  }

  @Override
  public List<Finding> examine(Job job) {
    List<Finding> found = new ArrayList<>();
    if (job.list().isEmpty()) {
      return found;
    }
    RowList list = job.list().get();
    Set<String> filled = filled(job, list);
    int more = 0;
    List<Integer> rows = filled.isEmpty() && list.colours().isEmpty() ? List.of() : list.sent().stream().distinct().limit(MOST_ROWS)
        .toList();
    for (int row : rows) {
      Ongoing.check();
      Optional<Finding> misfit = row == list.at() ? Optional.empty() : misfit(job, list, row, filled);
      if (misfit.isPresent() && found.size() < MOST_TOLD) {
        found.add(misfit.get());
      } else if (misfit.isPresent()) {
        more++;
      }
    }
    if (more > 0) {
      Face face = job.faces().get(0);
      found.add(Finding.worded("row-misfits-more", Weight.RUIN, face.id(), Optional.empty(), job.frame(face).trim(), more, 0, more));
    }
    return found;
  }

  /** The objects that a column fills. */
  private static Set<String> filled(Job job, RowList list) {
    Set<String> found = new HashSet<>(list.pictures().keySet());
    found.addAll(fields(job, list));
    return found;
  }

  private static Set<String> fields(Job job, RowList list) {
    return job.faces().stream().flatMap(f -> f.all().stream()).filter(i ->
        i.words().filter(w -> w.story().runs().stream()
            .anyMatch(r -> r.field().filter(u -> list.columns().contains(u.name())).isPresent())).isPresent()
            || i.outlined().flatMap(s -> s.outline().asCoded()).flatMap(c -> c.fact()).filter(list.columns()::contains).isPresent())
            .map(Item::id).collect(Collectors.toSet());
  }

  private static Optional<Finding> misfit(Job job, RowList list, int row, Set<String> filled) {
    Optional<Finding> named = unnamed(job, list, row);
    if (named.isPresent()) {
      return named;
    }
    Job bound = Filling.bound(job, row);
    for (Face face : bound.faces()) {
      Subject on = Subject.of(bound, face);
      for (SceneNode node : on.scene().inUse()) {
        if (filled.contains(node.item().id())) {
          Optional<String> trouble = trouble(on, node);
          if (trouble.isPresent()) {
            return Optional.of(on.finding("row-misfit", Weight.RUIN, Optional.of(node.item().id()), node.around(), row, 0, row + 1,
                list.name(row), node.item().properties().name(), trouble.get()));
          }
        }
      }
    }
    return Optional.empty();
  }

  /** A picture that no file has the name of, or a colour that is none. */
  private static Optional<Finding> unnamed(Job job, RowList list, int row) {
    for (Map.Entry<String, String> one : list.pictures().entrySet()) {
      String cell = list.value(row, one.getValue()).orElse("");
      Optional<Face> face = job.faces().stream().filter(f -> f.find(one.getKey()).isPresent()).findFirst();
      if (face.isPresent() && Filling.picture(job, cell).isEmpty()) {
        Item item = face.get().find(one.getKey()).get();
        String said = Wording.text(cell.isBlank() ? "rows.noPictureNamed" : "rows.noPicture", cell);
        return Optional.of(Finding.worded("row-misfit", Weight.RUIN, face.get().id(), Optional.of(item.id()), item.placement().box(), row,
            0, row + 1, list.name(row), item.properties().name(), said));
      }
    }
    for (Map.Entry<String, String> one : list.colours().entrySet()) {
      String cell = list.value(row, one.getValue()).orElse("");
      if (Filling.colour(job, cell).isEmpty()) {
        Face face = job.faces().get(0);
        return Optional.of(Finding.worded("row-misfit", Weight.RUIN, face.id(), Optional.empty(), job.frame(face).trim(), row, 0, row + 1,
            list.name(row), one.getKey(), Wording.text("rows.noColour", cell)));
      }
    }
    return Optional.empty();
  }

  private static Optional<String> trouble(Subject on, SceneNode node) {
    if (!node.item().pictureIds().isEmpty()) {
      return new PictureSmall().examine(on, node).filter(f -> f.weight() == Weight.RUIN).map(Finding::title);
    }
    Optional<String> words = new WordsLeftOver().examine(on, node).stream().findFirst().map(Finding::title);
    return words.or(() -> node.item().outlined().flatMap(s -> s.outline().asCoded().flatMap(c -> {
      Codes.Drawn drawn = Codes.draw(c.code(), c.content());
      double module = c.module(s.placement().width(), s.placement().height()) * node.ground().meanScale();
      return drawn.trouble().isPresent() ? drawn.trouble().map(Trouble::getMessage)
          : module < c.code().leastModule() - CodeReads.SLACK
          ? Optional.of(Wording.text("fine.code", Lengths.plain(module, 4), Lengths.plain(c.code().leastModule(), 4))) : Optional.empty();
    })));
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    int row = (int) finding.figure();
    if (!finding.code().equals("row-misfit") || job.list().filter(l -> row < l.rows().size()).isEmpty()) {
      return List.of();
    }
    Edit show = ListEdits.show(row);
    return List.of(new Mend("mend.showRow", show), new Mend("mend.leaveRow", ListEdits.leave(Set.of(row), true)));
  }
}
