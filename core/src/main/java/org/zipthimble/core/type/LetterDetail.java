package org.zipthimble.core.type;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.regex.Pattern;

/**
 * What letters seldom have.
 *
 * @param raise how far they stand above the baseline, in per cent of their size, -200 to 200
 * @param features of the face that are wished, as {@code ss01} or {@code liga=0} (OpenType specification, registered features)
 * @param rings lines round the letters; the first lies lowest
 */
@RecordBuilder
public record LetterDetail(double raise, LetterCase letters, List<String> features, List<LetterRing> rings)
    implements LetterDetailBuilder.With {
  /** Nothing special. */
  public static final LetterDetail NONE = new LetterDetail(0, LetterCase.TYPED, List.of(), List.of());

  /** The most lines round letters. */
  public static final int MOST_RINGS = 8;

  private static final int MOST_FEATURES = 40;
  private static final Pattern FEATURE = Pattern.compile("[A-Za-z0-9]{4}(=\\d{1,3})?");

  /** Keeps copies and checks the ranges. */
  public LetterDetail {
    features = List.copyOf(features);
    rings = List.copyOf(rings);
    if (!(Math.abs(raise) <= 200) || letters == null || rings.size() > MOST_RINGS) {
      throw new IllegalArgumentException("letters are raised by -200 to 200 per cent and have up to " + MOST_RINGS + " lines: " + raise);
    }
    if (features.size() > MOST_FEATURES || !features.stream().allMatch(f -> FEATURE.matcher(f).matches())) {
      throw new IllegalArgumentException("a feature has four letters: " + features);
    }
  }

  /** How far its lines stand out of the letters, in points. */
  public double outside() {
    return rings.stream().mapToDouble(r -> switch (r.side()) {
      case CENTRE -> r.widthPt() / 2;
      case INSIDE -> 0;
      case OUTSIDE -> r.widthPt();
    }).max().orElse(0);
  }

  /** The same with a feature wished or no longer wished. */
  public LetterDetail with(String feature, boolean wished) {
    List<String> others = features.stream().filter(f -> !f.equals(feature)).toList();
    return withFeatures(wished ? java.util.stream.Stream.concat(others.stream(), java.util.stream.Stream.of(feature)).sorted().toList()
        : others);
  }
}
