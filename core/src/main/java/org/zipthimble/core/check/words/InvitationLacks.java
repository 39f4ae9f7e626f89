package org.zipthimble.core.check.words;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.JobCheck;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.FactForms;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.work.Today;

/** An invitation that does not say when, where or how to answer; a day that is past; an answer that is wished after the day. */
public final class InvitationLacks extends JobCheck {
  /** With fewer words it is only begun. */
  private static final int FEWEST_WORDS = 12;

  private static final String MONTHS = "january|february|march|april|may|june|july|august|september|october|november|december";
  private static final String HOURS = "one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve";
  private static final Pattern DATE = Pattern.compile(
      "\\b(\\d{1,2}(st|nd|rd|th)?\\s+(of\\s+)?(" + MONTHS + ")|(" + MONTHS
      + ")\\s+(the\\s+)?\\d{1,2}|(first|second|third|\\w+th|\\w+-first|\\w+-second|\\w+-third)( day)? of (" + MONTHS
      + ")|\\d{1,2}[/.]\\d{1,2}[/.]\\d{2,4})\\b",
      Pattern.CASE_INSENSITIVE);
  private static final Pattern TIME = Pattern.compile(
      "\\b\\d{1,2}([:.]\\d{2})?\\s*[ap]\\.?\\s?m\\b|\\b\\d{1,2}:\\d{2}\\b|\\bo['’]clock|\\bnoon\\b|\\bmidnight\\b|\\bhalf past\\b|\\b("
      + HOURS + ")\\s+(to|till|until|p\\.?m|a\\.?m|in the)\\b|\\bfrom (" + HOURS + ")\\b",
      Pattern.CASE_INSENSITIVE);
  private static final Pattern PLACE = Pattern.compile(
      "\\b(street|lane|road|avenue|drive|square|court|barn|hall|house|home|church|chapel|garden|park|school|library|room|farm|inn|club|"
          + "centre|center)\\b", Pattern.CASE_INSENSITIVE);
  private static final Pattern REPLY = Pattern.compile(
      "r\\.?s\\.?v\\.?p|\\b(reply|replies|respond|answer|regrets|let (us|me) know|tell|call|write to|by return)\\b",
      Pattern.CASE_INSENSITIVE);

  @Override
  public Set<String> codes() {
    return Set.of("invitation-date", "invitation-time", "invitation-place", "invitation-reply", "date-past", "reply-late");
  }

  @Override
  public List<Finding> examine(Job job) {
    List<Finding> found = new ArrayList<>();
    StringBuilder said = new StringBuilder();
    Set<Fact.Kind> shown = EnumSet.noneOf(Fact.Kind.class);
    for (Face face : job.faces()) {
      Scene.of(face).inUse().stream().flatMap(n -> n.item().words().stream()).forEach(w -> {
        said.append(w.text()).append('\n');
        w.story().runs().stream().map(Run::field).flatMap(Optional::stream).flatMap(f -> Filling.find(job, f.name()).stream())
            .filter(f -> !f.value().isBlank())
            .map(Fact::kind).forEach(shown::add);
      });
    }
    String text = said.toString();
    if (job.ticket().item().toLowerCase(java.util.Locale.ROOT).contains("invitation") && Typesetter.countWords(text) >= FEWEST_WORDS) {
      lacks(job, "date", shown.contains(Fact.Kind.DATE) || DATE.matcher(text).find(), found);
      lacks(job, "time", shown.contains(Fact.Kind.TIME) || TIME.matcher(text).find(), found);
      lacks(job, "place", shown.contains(Fact.Kind.PLACE) || PLACE.matcher(text).find(), found);
      lacks(job, "reply", shown.contains(Fact.Kind.REPLY) || REPLY.matcher(text).find(), found);
    }
    days(job, found);
    return found;
  }

  private static void lacks(Job job, String what, boolean has, List<Finding> found) {
    if (!has) {
      Face face = job.faces().get(0);
      found.add(Finding.worded("invitation-" + what, Weight.LOOK, face.id(), Optional.empty(), job.frame(face).trim(), 0, 0));
    }
  }

  private static void days(Job job, List<Finding> found) {
    Face face = job.faces().get(0);
    LocalDate today = Today.now();
    for (Fact fact : job.facts()) {
      fact.day().filter(d -> d.isBefore(today)).ifPresent(d -> found.add(Finding.worded(
          "date-past", Weight.LOOK, face.id(), Optional.empty(), job.frame(face).trim(), 0, 0, fact.name(),
          FactForms.day(d, "monthDayYear"))));
    }
    Optional<LocalDate> event = day(job, Fact.Kind.DATE);
    Optional<LocalDate> reply = day(job, Fact.Kind.REPLY);
    if (event.isPresent() && reply.filter(r -> r.isAfter(event.get())).isPresent()) {
      found.add(Finding.worded("reply-late", Weight.RUIN, face.id(), Optional.empty(), job.frame(face).trim(), 0, 0,
          FactForms.day(reply.get(), "monthDayYear"), FactForms.day(event.get(), "monthDayYear")));
    }
  }

  private static Optional<LocalDate> day(Job job, Fact.Kind kind) {
    return job.facts().stream().filter(f -> f.kind() == kind).flatMap(f -> f.day().stream()).findFirst();
  }
}
