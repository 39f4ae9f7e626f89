package org.zipthimble.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.font.FontKind;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.kept.Reading;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.wording.Trouble;

/** The faces a job can use: the bundled ones first, then those it carries. */
public final class JobFonts implements FontShelf {
  private static final Kept<Blob, Named, Void, Optional<FontFace>> READ = Kept.ofAll((file, named, nothing) -> read(named, file));

  private record Named(String family, String style) {}

  private final Job job;

  /** The shelf for a job. */
  public JobFonts(Job job) {
    this.job = job;
  }

  @Override
  public List<String> families() {
    List<String> all = new ArrayList<>(BundledFonts.shelf().families());
    job.fonts().stream().map(CarriedFont::family).filter(f -> !all.contains(f)).forEach(all::add);
    return all.stream().distinct().sorted().toList();
  }

  @Override
  public List<String> styles(String family) {
    List<String> all = new ArrayList<>(BundledFonts.shelf().styles(family));
    job.fonts().stream().filter(c -> c.family().equals(family) && !all.contains(c.style())).forEach(c -> all.add(c.style()));
    return all;
  }

  @Override
  public Optional<FontFace> find(String family, String style) {
    Optional<FontFace> shipped = BundledFonts.shelf().find(family, style);
    return shipped.isPresent() ? shipped : Reading.answer(this, new Named(family, style), s -> s.find(family, style),
        () -> carried(family, style));
  }

  private Optional<FontFace> carried(String family, String style) {
    return job.fonts().stream().filter(c -> c.family().equals(family) && c.style().equals(style)).findFirst()
        .flatMap(c -> READ.of(c.file(), new Named(family, style), null));
  }

  @Override
  public FontKind kind(String family) {
    return BundledFonts.shelf().families().contains(family) ? BundledFonts.shelf().kind(family) : FontShelf.super.kind(family);
  }

  private static Optional<FontFace> read(Named named, Blob file) {
    try {
      return Optional.of(FontFace.tried(named.family(), named.style(), file.bytes()));
    } catch (Trouble damaged) {
      return Optional.empty();
    }
  }
}
