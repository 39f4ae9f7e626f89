package org.zipthimble.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.zipthimble.core.type.BundledFonts;
import org.zipthimble.core.type.FontFace;
import org.zipthimble.core.type.FontKind;
import org.zipthimble.core.type.FontShelf;
import org.zipthimble.core.wording.Trouble;

/** The faces a job can use: the bundled ones first, then those it carries. */
public final class JobFonts implements FontShelf {
  private static final Map<CarriedFont, Optional<FontFace>> READ = new ConcurrentHashMap<>();

  private final List<CarriedFont> carried;

  /** The shelf for a job. */
  public JobFonts(Job job) {
    this.carried = job.fonts();
  }

  @Override
  public List<String> families() {
    List<String> all = new ArrayList<>(BundledFonts.shelf().families());
    carried.stream().map(CarriedFont::family).filter(f -> !all.contains(f)).forEach(all::add);
    return all.stream().distinct().sorted().toList();
  }

  @Override
  public List<String> styles(String family) {
    List<String> all = new ArrayList<>(BundledFonts.shelf().styles(family));
    carried.stream().filter(c -> c.family().equals(family) && !all.contains(c.style())).forEach(c -> all.add(c.style()));
    return all;
  }

  @Override
  public Optional<FontFace> find(String family, String style) {
    return BundledFonts.shelf().find(family, style)
        .or(() -> carried.stream().filter(c -> c.family().equals(family) && c.style().equals(style)).findFirst()
            .flatMap(c -> READ.computeIfAbsent(c, JobFonts::read)));
  }

  @Override
  public FontKind kind(String family) {
    return BundledFonts.shelf().families().contains(family) ? BundledFonts.shelf().kind(family) : FontShelf.super.kind(family);
  }

  private static Optional<FontFace> read(CarriedFont font) {
    try {
      return Optional.of(FontFace.tried(font.family(), font.style(), font.file().bytes()));
    } catch (Trouble damaged) {
      return Optional.empty();
    }
  }
}
