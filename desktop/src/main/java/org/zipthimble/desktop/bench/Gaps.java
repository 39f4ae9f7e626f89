package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.zipthimble.core.arrange.Axis;
import org.zipthimble.core.arrange.Hint;
import org.zipthimble.core.arrange.PlacedBox;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Unit;
import org.zipthimble.desktop.state.Session;

/** The gaps between what is selected, as chalk lines with their figures. */
final class Gaps {
  private static final int MOST = 40;

  private Gaps() {}

  static List<Hint> hints(Session session, Axis axis) {
    List<PlacedBox> sorted = new ArrayList<>(PlacedBox.of(session.face(), session.selectionProperty().get()));
    sorted.sort(Comparator.comparingDouble(s -> axis.middle(s.box())));
    List<Hint> hints = new ArrayList<>();
    for (int i = 1; i < sorted.size() && i < MOST; i++) {
      double from = axis.end(sorted.get(i - 1).box());
      double to = axis.start(sorted.get(i).box());
      double level = axis.other().middle(sorted.get(i).box());
      hints.add(new Hint(axis.at(from, level), axis.at(to, level), length(to - from, session.unit())));
    }
    return hints;
  }

  /** A measured length with its sign, as near as a tape shows it. */
  static String length(double inches, Unit unit) {
    double sixtyFourths = Math.round(inches * 64) / 64.0;
    boolean whole = unit == Unit.INCH && Math.abs(sixtyFourths - inches) < 1e-4;
    return whole ? Lengths.showWithSign(sixtyFourths, unit)
        : Lengths.plain(unit.fromInches(inches), unit == Unit.INCH ? 3 : 2) + " " + unit.sign();
  }
}
