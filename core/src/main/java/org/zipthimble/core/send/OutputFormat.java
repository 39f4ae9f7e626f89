package org.zipthimble.core.send;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.zipthimble.core.cut.CutFonts;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.edit.SizeEdits;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/**
 * A kind of output file: what it can hold, what may be chosen, how it is written and how it is measured back. A new kind is one class and
 * one word in {@link OutputFormats}; the command line and the window read their choices from there.
 */
public abstract class OutputFormat {
  private final String id;
  private final List<String> endings;
  private final List<Content> contents;

  /** The endings with their dots, the usual one first; of what it can hold the usual first. */
  OutputFormat(String id, List<String> endings, List<Content> contents) {
    this.id = id;
    this.endings = List.copyOf(endings);
    this.contents = List.copyOf(contents);
  }

  /** A word for it that does not change. */
  public final String id() {
    return id;
  }

  /** Its name. */
  public final String title() {
    return Wording.text("format." + id);
  }

  /** The usual ending of such files, with its dot. */
  public final String ending() {
    return endings.get(0);
  }

  /** All endings of such files, with their dots. */
  public final List<String> endings() {
    return endings;
  }

  /** The ending that a file name has; empty when it is none of this kind. */
  public final String endingOf(String fileName) {
    String lower = fileName.toLowerCase(Locale.ROOT);
    return endings.stream().filter(lower::endsWith).findFirst().orElse("");
  }

  /** What such a file can hold, the usual first. */
  public final List<Content> contents() {
    return contents;
  }

  /** What may be chosen of such a file. */
  public abstract Set<Choice> choices(Content content);

  /** Whether it is made of pixels, one file for each face. */
  public boolean pixels() {
    return false;
  }

  /** Whether it can hold amounts of ink. */
  public boolean inks() {
    return false;
  }

  /** What an order asks of it. */
  public final Content content(FileOrder order) {
    return order.content().orElse(contents.get(0));
  }

  /**
   * Tells an order that makes no sense, in a sentence that names what would work.
   *
   * @throws Trouble when it makes none
   */
  public final void check(Job job, FileOrder order) throws Trouble {
    Content content = content(order);
    if (!contents.contains(content)) {
      throw Trouble.of("send.cannotHold", order.file().getFileName(), title(), content.title(),
          String.join(", ", OutputFormats.holding(content).stream().map(OutputFormat::ending).toList()));
    }
    if (order.face().isPresent()) {
      face(job, order, content);
    }
    if (order.lane().isPresent()) {
      if (!choices(content).contains(Choice.LANE)) {
        throw Trouble.of("send.noLaneHere", content.title());
      }
      job.cutting().lane(order.lane().get()).orElseThrow(() -> Trouble.of("send.noLane", order.lane().get()));
    }
    if (content == Content.PAGES && faces(job, order).stream().noneMatch(f -> prints(f)) && faces(job, order).stream()
        .anyMatch(f -> !CutLines.own(job, f).isEmpty())) {
      throw Trouble.of("send.nothingPrints",
          String.join(", ", OutputFormats.holding(Content.DESIGN).stream().map(OutputFormat::ending).toList()),
          String.join(", ", OutputFormats.holding(Content.SHEETS).stream().map(OutputFormat::ending).toList()));
    }
    MirrorGuard.check(job, order, content, lanes(job, order));
    List<String> missing = content.cut() && !order.standIns() ? CutFonts.missing(job) : List.of();
    if (!missing.isEmpty()) {
      throw Trouble.of("send.standIn", String.join(", ", missing));
    }
  }

  private static boolean prints(Face face) {
    return Scene.of(face).leaves().stream().anyMatch(SceneNode::printed);
  }

  private void face(Job job, FileOrder order, Content content) throws Trouble {
    int face = order.face().getAsInt();
    if (face < 1 || face > job.faces().size()) {
      throw Trouble.of("send.noFace", face, job.faces().size());
    }
    if (!choices(content).contains(Choice.FACE)) {
      throw Trouble.of("send.noFaceHere", content.title());
    }
  }

  /**
   * Carries an order out and reads each written file back from the disk.
   *
   * @return what each written file measures
   * @throws Trouble when the order makes no sense or cannot be met; no half file is left
   */
  public final List<Measured> send(Job job, FileOrder order, Progress progress) throws Trouble, Stopped {
    check(job, order);
    try {
      List<Measured> measured = new ArrayList<>();
      List<Job> sized = sized(job, order);
      for (int i = 0; i < sized.size(); i++) {
        FileOrder one = sized.size() == 1 ? order : order.withFile(sized(order.file(), sized.get(i)));
        List<Measured> written = write(sized.get(i), one, part(progress, (double) i / sized.size(), 1.0 / sized.size()));
        measured.addAll(content(order) == Content.PAGES && MirrorGuard.concerns(job, order) ? proven(sized.get(i), one, written) : written);
      }
      progress.at(1);
      return measured;
    } catch (OutOfMemoryError e) {
      throw Trouble.because(e, "send.memory", order.file().getFileName());
    } catch (IOException | IllegalStateException e) {
      if (Trouble.in(e).isPresent()) {
        throw Trouble.in(e).get();
      }
      throw Trouble.because(e, "send.failed", order.file().getFileName(), String.valueOf(e.getMessage()));
    }
  }

  /** What was measured, with which way round the pixels lie beside the first file. */
  private static List<Measured> proven(Job job, FileOrder order, List<Measured> written) throws Trouble {
    List<Measured> out = new ArrayList<>(written);
    out.set(0, written.get(0).with(MirrorGuard.proven(job, order, written.stream().map(Measured::file).toList())));
    return out;
  }

  /** The job in every size of its set, where pages leave; else as it is. */
  private List<Job> sized(Job job, FileOrder order) {
    return content(order) == Content.PAGES && !job.sizes().sizes().isEmpty() ? SizeEdits.all(job) : List.of(job);
  }

  /** The name of the file of a size. */
  private Path sized(Path file, Job job) {
    Size size = job.usualFrame().size();
    Unit unit = job.ticket().unit();
    return beside(file, Lengths.plain(unit.fromInches(size.width()), 2) + "x" + Lengths.plain(unit.fromInches(size.height()), 2)
        + unit.sign().replaceAll("[^a-z]", ""));
  }

  /** Writes the files and measures them. */
  abstract List<Measured> write(Job job, FileOrder order, Progress progress) throws Trouble, Stopped, IOException;

  /**
   * The files an order will write, in the order they are written.
   *
   * @throws Trouble when the order makes no sense
   */
  public final List<Path> files(Job job, FileOrder order) throws Trouble {
    check(job, order);
    List<Job> sized = sized(job, order);
    if (sized.size() == 1) {
      return each(job, order);
    }
    List<Path> files = new ArrayList<>();
    for (Job one : sized) {
      files.addAll(each(one, order.withFile(sized(order.file(), one))));
    }
    return files;
  }

  /** The files of one size. */
  List<Path> each(Job job, FileOrder order) throws Trouble {
    return List.of(order.file());
  }

  /** The faces of an order that was checked. */
  static List<Face> faces(Job job, FileOrder order) {
    return order.face().isEmpty() ? job.leaving() : List.of(job.faces().get(order.face().getAsInt() - 1));
  }

  /** The lanes of an order, by their ids. */
  static List<String> lanes(Job job, FileOrder order) {
    return order.lane().map(List::of).orElseGet(() -> job.cutting().lanes().stream().map(Lane::id).toList());
  }

  /** The name of one of several files: a word is put before the ending. */
  final Path beside(Path file, String word) {
    String name = file.getFileName().toString();
    String ending = name.substring(name.length() - endingOf(name).length());
    return file.resolveSibling(name.substring(0, name.length() - ending.length()) + "-" + word + ending);
  }

  /** The part of a longer work that goes from a fraction on. */
  static Progress part(Progress whole, double from, double share) {
    return new Progress() {
      @Override
      public void at(double fraction) {
        whole.at(from + share * fraction);
      }

      @Override
      public boolean stopped() {
        return whole.stopped();
      }
    };
  }

  /** Names of faces for file names, each once. */
  final List<Path> named(Path file, List<Face> faces) {
    List<Path> files = new ArrayList<>(List.of(file));
    for (int i = 1; i < faces.size(); i++) {
      Path own = beside(file, faces.get(i).name().replaceAll("[^\\p{L}\\p{N}]+", "-"));
      files.add(files.contains(own) ? beside(file, String.valueOf(i + 1)) : own);
    }
    return files;
  }
}
