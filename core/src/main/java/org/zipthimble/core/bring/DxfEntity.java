package org.zipthimble.core.bring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** One entity of a drawing exchange file: its kind and its pairs of code and value, in order. */
record DxfEntity(String kind, List<Pair> pairs, List<DxfEntity> vertices) {
  /** A group code and what follows it. */
  record Pair(int code, String value) {}

  /** What a file holds. */
  record Parsed(int units, Map<String, Integer> layerColours, Map<String, List<DxfEntity>> blocks, List<DxfEntity> entities) {}

  /** The first eight colours of the index (from memory). */
  private static final int[] INDEX = {0x2B2F55, 0xFF0000, 0xFFFF00, 0x00FF00, 0x00FFFF, 0x0000FF, 0xFF00FF, 0x2B2F55, 0x808080};

  String text(int code) {
    return pairs.stream().filter(p -> p.code() == code).map(Pair::value).findFirst().orElse("");
  }

  double number(int code, double usual) {
    String text = text(code);
    return text.isEmpty() ? usual : value(text);
  }

  List<Double> numbers(int code) {
    return pairs.stream().filter(p -> p.code() == code).map(p -> value(p.value())).toList();
  }

  String layer() {
    String layer = text(8);
    return layer.isEmpty() ? "0" : layer;
  }

  private static double value(String text) {
    double value = Double.parseDouble(text);
    if (!(Math.abs(value) < 1e9)) {
      throw new IllegalArgumentException("a figure too large: " + text);
    }
    return value;
  }

  static Parsed parse(String text) {
    List<Pair> all = new ArrayList<>();
    String[] lines = text.split("\r\n|\n|\r", -1);
    for (int i = 0; i + 1 < lines.length; i += 2) {
      String code = lines[i].strip();
      if (code.isEmpty()) {
        break;
      }
      all.add(new Pair(Integer.parseInt(code), lines[i + 1].strip()));
    }
    int units = 0;
    Map<String, Integer> colours = new HashMap<>();
    Map<String, List<DxfEntity>> blocks = new HashMap<>();
    List<DxfEntity> entities = new ArrayList<>();
    String section = "";
    List<DxfEntity> block = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      Pair p = all.get(i);
      if (p.code() == 9 && p.value().equals("$INSUNITS") && i + 1 < all.size()) {
        units = (int) value(all.get(i + 1).value());
      }
      if (p.code() != 0) {
        continue;
      }
      int end = i + 1;
      while (end < all.size() && all.get(end).code() != 0) {
        end++;
      }
      DxfEntity e = new DxfEntity(p.value(), List.copyOf(all.subList(i + 1, end)), new ArrayList<>());
      if (p.value().equals("SECTION")) {
        section = e.text(2);
      } else if (p.value().equals("LAYER") && section.equals("TABLES")) {
        colours.put(e.text(2), colour(e));
      } else if (section.equals("BLOCKS")) {
        if (p.value().equals("BLOCK")) {
          block = new ArrayList<>();
          blocks.put(e.text(2), block);
        } else {
          put(block, e);
        }
      } else if (section.equals("ENTITIES") && !p.value().equals("ENDSEC")) {
        put(entities, e);
      }
    }
    return new Parsed(units, colours, blocks, entities);
  }

  /** Vertices go to the polyline before them. */
  private static void put(List<DxfEntity> list, DxfEntity e) {
    if (e.kind().equals("VERTEX") && !list.isEmpty() && list.get(list.size() - 1).kind().equals("POLYLINE")) {
      list.get(list.size() - 1).vertices().add(e);
    } else {
      list.add(e);
    }
  }

  private static int colour(DxfEntity layer) {
    if (!layer.text(420).isEmpty()) {
      return (int) value(layer.text(420)) & 0xFFFFFF;
    }
    int index = (int) Math.abs(layer.number(62, 7));
    return index < INDEX.length ? INDEX[index] : INDEX[0];
  }
}
