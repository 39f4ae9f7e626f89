package org.zipthimble.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.shape.Polygon;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;

/** Flags on the bench that point at the very edge a finding concerns. */
final class Flags {
  private static final double WIDTH = 124;
  private static final double HEIGHT = 40;
  private static final double STAND_OFF = 26;

  private Flags() {}

  static List<Node> of(Finding finding, Viewport view, double width, double height) {
    Box where = view.toPixels().apply(finding.where());
    String weight = finding.weight() == Weight.RUIN ? "ruin" : "look";
    boolean left = where.centre().x() < width / 2;
    double tipX = left ? Math.max(14, where.x()) : Math.min(width - 14, where.right());
    double tipY = Math.max(HEIGHT, Math.min(height - HEIGHT, where.centre().y()));
    double x = left ? Math.max(6, tipX - STAND_OFF - WIDTH) : Math.min(width - WIDTH - 6, tipX + STAND_OFF);
    double near = left ? x + WIDTH : x;
    Polygon pointer = new Polygon(near, tipY - 8, tipX, tipY, near, tipY + 8);
    pointer.getStyleClass().addAll("flag-pointer", weight);
    pointer.setMouseTransparent(true);
    Label flag = new Label(finding.title());
    flag.setWrapText(true);
    flag.getStyleClass().addAll("flag", weight);
    flag.setPrefWidth(WIDTH);
    flag.setMinHeight(HEIGHT);
    flag.relocate(x, tipY - HEIGHT / 2);
    flag.setMouseTransparent(true);
    List<Node> nodes = new ArrayList<>();
    nodes.add(DrawnNodes.box(finding.where(), view, finding.code().equals("bleed-short") ? "flagged-edge" : "flagged-" + weight));
    nodes.add(pointer);
    nodes.add(flag);
    return nodes;
  }

  static Node leftOver(Finding finding, Viewport view) {
    Box where = view.toPixels().apply(finding.where());
    Label chip = new Label(finding.title());
    chip.getStyleClass().addAll("flag", "ruin");
    chip.setMouseTransparent(true);
    Point at = new Point(where.x(), where.bottom() - 2);
    chip.relocate(at.x(), at.y());
    return chip;
  }
}
