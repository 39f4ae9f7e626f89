package org.zipthimble.desktop.control;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.event.Event;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * Many cards that are one stop of the Tab key: the arrows go from card to card, Home and End to the first and the last, Tab goes on past
 * them all.
 */
public final class OneStop {
  private static final String MARK = OneStop.class.getName();

  private static final double ASIDE = 2;

  private OneStop() {}

  /** Makes what stands in a node, now and later, one stop. */
  public static void of(Parent cards) {
    cards.getProperties().put(MARK, cards);
    cards.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
      List<Node> all = stops(cards);
      int at = all.indexOf(cards.getScene() == null ? null : cards.getScene().getFocusOwner());
      if (at < 0 || e.isAltDown() || e.isControlDown() || e.isMetaDown()) {
        return;
      }
      if (e.getCode() == KeyCode.TAB) {
        Node end = all.get(e.isShiftDown() ? 0 : all.size() - 1);
        if (end != all.get(at)) {
          // the toolkit goes on from where the key was pressed, so it is pressed anew on the card that ends the row
          end.requestFocus();
          e.consume();
          Event.fireEvent(end, e.copyFor(end, end));
        }
      } else {
        next(all, at, e.getCode()).ifPresent(node -> {
          node.requestFocus();
          Pointing.sight(node);
          e.consume();
        });
      }
    });
  }

  /** The cards that a node stands among, if any. */
  public static Optional<Node> around(Node node) {
    for (Node up = node; up != null; up = up.getParent()) {
      if (up.getProperties().containsKey(MARK)) {
        return Optional.of(up);
      }
    }
    return Optional.empty();
  }

  private static Optional<Node> next(List<Node> all, int at, KeyCode key) {
    switch (key) {
      case RIGHT:
        return Optional.of(all.get(Math.min(at + 1, all.size() - 1)));
      case LEFT:
        return Optional.of(all.get(Math.max(at - 1, 0)));
      case HOME:
        return Optional.of(all.get(0));
      case END:
        return Optional.of(all.get(all.size() - 1));
      case DOWN:
        return Optional.of(all.get(row(all, at, 1)));
      case UP:
        return Optional.of(all.get(row(all, at, -1)));
      default:
        return Optional.empty();
    }
  }

  /** The card next below or above: the nearest, where a step aside weighs more than one ahead. */
  private static int row(List<Node> all, int at, int way) {
    List<Bounds> places = all.stream().map(n -> n.localToScene(n.getBoundsInLocal())).toList();
    Bounds here = places.get(at);
    return IntStream.range(0, all.size())
        .filter(i -> way > 0 ? places.get(i).getCenterY() > here.getMaxY() : places.get(i).getCenterY() < here.getMinY()).boxed()
        .min(Comparator.comparingDouble(i -> way * (places.get(i).getCenterY() - here.getCenterY()) + ASIDE
        * Math.abs(places.get(i).getCenterX() - here.getCenterX()))).orElse(at);
  }

  private static List<Node> stops(Parent in) {
    List<Node> all = new ArrayList<>();
    for (Node child : in.getChildrenUnmodifiable()) {
      if (child.isVisible() && !child.isDisabled()) {
        if (child.isFocusTraversable()) {
          all.add(child);
        } else if (child instanceof Parent) {
          all.addAll(stops((Parent) child));
        }
      }
    }
    return all;
  }
}
