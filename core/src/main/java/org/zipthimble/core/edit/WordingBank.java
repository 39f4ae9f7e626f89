package org.zipthimble.core.edit;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.fill.BlockRoom;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.BlockSetting;
import org.zipthimble.core.type.Fitting;
import org.zipthimble.core.type.LetterCase;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Wording;

/** Wording that ships with the program: invitations, signs, labels and thanks in several tones, filled from the facts of a job. */
public final class WordingBank {
  private static final Pattern PLACE = Pattern.compile("\\{([a-z]+)(?::([A-Za-z]+))?\\}");
  private static final Pattern HEAD = Pattern.compile("\\[([a-z]+) ([a-z]+)\\]");
  private static final double MAIN = 2.2;
  private static final double SMALL = 0.8;
  private static final double SMALL_TRACKING = 90;
  private static final double AIR = 0.35;
  private static final double WIDE = 0.85;
  private static final double LETTERS = 22;
  private static final double LEAST_PT = 7;
  private static final double MOST_PT = 40;

  /** What words are for. */
  public enum Occasion {
    /** Asking people to come. */
    INVITATION,
    /** Read from afar. */
    SIGN,
    /** Stuck on a thing. */
    LABEL,
    /** After a kindness. */
    THANKS
  }

  /** How they speak. */
  public enum Tone {
    /** As on engraved cards. */
    FORMAL,
    /** As to friends. */
    WARM,
    /** What is needed and no more. */
    PLAIN,
    /** With a wink. */
    PLAYFUL
  }

  private enum Weight {
    MAIN,
    USUAL,
    SMALL
  }

  private record Line(Weight weight, String text) {}

  /** One wording. */
  public record Entry(Occasion occasion, Tone tone, List<Line> lines) {
    /** Keeps a copy. */
    public Entry {
      lines = List.copyOf(lines);
    }

    /** What it says with the facts of a job; what is not known yet stands in brackets. */
    public String said(Job job) {
      return story(job, WordingBank.USUAL).text();
    }

    /**
     * The words, with fields where facts stand.
     *
     * @param base the look of a usual line; the main one is larger, small ones are smaller and widely set
     */
    public Story story(Job job, WordStyle base) {
      List<Paragraph> out = new ArrayList<>();
      for (Line line : lines) {
        WordStyle style = styled(line.weight(), base);
        List<Run> runs = new ArrayList<>();
        Matcher place = PLACE.matcher(line.text());
        int at = 0;
        while (place.find()) {
          text(line.text().substring(at, place.start()), style, runs);
          Fact fact = fact(job, kind(place.group(1)));
          FactEdits.field(fact, place.group(2) == null ? fact.forms().get(0) : place.group(2), style.letters(), style.paragraph()).runs()
              .forEach(runs::add);
          at = place.end();
        }
        text(line.text().substring(at), style, runs);
        out.add(new Paragraph(runs, style.paragraph(), Optional.empty()));
      }
      return new Story(out);
    }

    /** The job with the facts that it shows, those that it has not yet without a value. */
    public Job known(Job job) {
      Job out = job;
      for (Line line : lines) {
        Matcher place = PLACE.matcher(line.text());
        while (place.find()) {
          Fact fact = fact(out, kind(place.group(1)));
          out = Filling.find(out, fact.name()).isPresent() ? out : FactEdits.set(fact).change().apply(out);
        }
      }
      return out;
    }
  }

  private static final WordStyle USUAL = new WordStyle("Alegreya", "Regular", 12, 130, 0, Align.CENTRE, Colour.BLACK);

  private static final class Shipped {
    private static final List<Entry> ALL = read();

    private Shipped() {}

    private static List<Entry> read() {
      try (InputStream in = WordingBank.class.getResourceAsStream("/org/zipthimble/core/bank/wordings.txt");
          BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
        return parsed(lines.lines().toList());
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }

    private static List<Entry> parsed(List<String> text) {
      List<Entry> out = new ArrayList<>();
      List<Line> lines = new ArrayList<>();
      Optional<Matcher> head = Optional.empty();
      for (String line : text) {
        Matcher next = HEAD.matcher(line);
        if (next.matches()) {
          head = Optional.of(next);
        } else if (!line.isBlank() && !line.startsWith("#")) {
          lines.add(new Line(line.startsWith("* ") ? Weight.MAIN : line.startsWith("+ ") ? Weight.SMALL : Weight.USUAL,
              line.replaceFirst("^[*+] ", "")));
        } else if (head.isPresent() && !lines.isEmpty()) {
          out.add(entry(head.get(), lines));
          lines.clear();
        }
      }
      head.filter(h -> !lines.isEmpty()).ifPresent(h -> out.add(entry(h, lines)));
      return List.copyOf(out);
    }

    private static Entry entry(Matcher head, List<Line> lines) {
      return new Entry(Occasion.valueOf(head.group(1).toUpperCase(Locale.ROOT)), Tone.valueOf(head.group(2).toUpperCase(Locale.ROOT)),
          lines);
    }
  }

  private WordingBank() {}

  /** All wordings for an occasion in a tone. */
  public static List<Entry> of(Occasion occasion, Tone tone) {
    return Shipped.ALL.stream().filter(e -> e.occasion() == occasion && e.tone() == tone).toList();
  }

  /** Puts a wording on a face as a block in its middle, with the facts that it shows. The block has the id that was the job's next one. */
  public static Edit put(String faceId, Entry entry) {
    return new Edit(Wording.text("edit.wording"), before -> {
      Job job = entry.known(before);
      Box safe = job.frame(job.face(faceId).orElseThrow()).safeBox();
      double width = safe.width() * WIDE;
      WordStyle base = USUAL.withSizePt(Math.max(LEAST_PT, Math.min(MOST_PT, width * 72 / LETTERS)));
      Story story = entry.story(job, base);
      HoldsWords words = ItemWords.of(ItemProperties.of(before.freshId(), Wording.text("design.words")),
          Placement.of(0, 0, width, 0.25, 0), "", story.style()).withStory(story)
          .withSetting(BlockSetting.PLAIN.withFitting(Fitting.GROW));
      double height = Math.max(0.25, words.set(new JobFonts(job)).height());
      Placement middle = Placement.of(safe.centre().x() - width / 2, Math.max(safe.y(), safe.centre().y() - height / 2), width, height, 0);
      return BlockRoom.settled(Edits.add(faceId, words.with(middle)).change().apply(job));
    });
  }

  private static Fact.Kind kind(String name) {
    return Fact.Kind.valueOf(name.toUpperCase(Locale.ROOT));
  }

  /** The first fact of a kind; one without a value where there is none. */
  private static Fact fact(Job job, Fact.Kind kind) {
    return job.facts().stream().filter(f -> f.kind() == kind).findFirst().orElseGet(() -> new Fact(Wording.of(kind), kind, ""));
  }

  private static void text(String text, WordStyle style, List<Run> runs) {
    if (!text.isEmpty()) {
      runs.add(Run.of(text, style.letters()));
    }
  }

  private static WordStyle styled(Weight weight, WordStyle base) {
    return switch (weight) {
      case MAIN -> airy(base.withSizePt(Math.min(WordStyle.MOST_PT, base.sizePt() * MAIN)).withLeadingPercent(110), base.sizePt());
      case SMALL -> airy(capitals(base.withSizePt(Math.max(WordStyle.LEAST_PT, base.sizePt() * SMALL)).withTracking(SMALL_TRACKING)),
          base.sizePt());
      case USUAL -> base;
    };
  }

  private static WordStyle capitals(WordStyle style) {
    UnaryOperator<WordStyle> all = s -> s.withLetters(s.letters().withDetail(s.letters().detail().withLetters(LetterCase.CAPITALS)));
    return all.apply(style);
  }

  private static WordStyle airy(WordStyle style, double pt) {
    return style.withParagraph(style.paragraph().withDetail(style.paragraph().detail().withBeforePt(pt * AIR).withAfterPt(pt * AIR)));
  }
}
