package org.zipthimble.core.wording;

import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The one place that every sentence a person reads comes from: a file in UTF-8 for each room of the program,
 * the core, the window, what guides newcomers, the command line and the practice machines.
 * Values hold places as <code>{0}</code>, <code>{1}</code>; a value of an argument is put in as it is.
 * <code>{0, plural, one{sheet} other{sheets}}</code> is chosen by the argument's number (ICU message format, plural rules of English).
 */
public final class Wording {
  private static final Pattern PLACE = Pattern.compile("\\{(\\d)}");
  private static final Pattern PLURAL = Pattern.compile("\\{(\\d), plural,");
  private static final List<String> ROOMS = List.of("core", "window", "guide", "command-line", "practice");
  private static final Properties ALL = read();

  private Wording() {}

  /**
   * The wording under a key, with its places filled.
   *
   * @throws IllegalArgumentException when there is no such key
   */
  public static String text(String key, Object... values) {
    String text = ALL.getProperty(key);
    if (text == null) {
      throw new IllegalArgumentException("no wording for '" + key + "'");
    }
    if (values.length == 0) {
      return text;
    }
    String chosen = PLURAL.matcher(text).find() ? plural(text, values) : text;
    return PLACE.matcher(chosen).replaceAll(place -> {
      int i = Integer.parseInt(place.group(1));
      return Matcher.quoteReplacement(i < values.length ? String.valueOf(values[i]) : place.group());
    });
  }

  /** One or many, chosen by numbers; the places of plain values are left for these. */
  private static String plural(String text, Object... values) {
    Map<String, Object> named = new HashMap<>();
    for (int i = 0; i < values.length; i++) {
      named.put("n" + i, number(values[i]));
      named.put("s" + i, "{" + i + "}");
    }
    String pattern = PLACE.matcher(PLURAL.matcher(text).replaceAll("{n$1, plural,")).replaceAll("{s$1}");
    return new MessageFormat(pattern, Locale.ENGLISH).format(named);
  }

  /** What a value counts; a text that is no number counts as many. */
  private static Number number(Object value) {
    try {
      return value instanceof Number ? (Number) value : Double.valueOf(String.valueOf(value));
    } catch (NumberFormatException words) {
      return 0;
    }
  }

  /** The wording under a key that not everything has. */
  public static Optional<String> maybe(String key) {
    return Optional.ofNullable(ALL.getProperty(key));
  }

  /**
   * The wording of a value of an enum, asked for by its type: {@code side.top} for the top of {@code Side},
   * {@code align.edge.left} for the left of an {@code Edge} declared inside {@code Align}.
   */
  public static String of(Enum<?> value) {
    return text(key(value));
  }

  /** The wording of a value of an enum in another place, such as {@code cutKind.kiss.spot}. */
  public static String of(Enum<?> value, String place) {
    return text(key(value) + "." + place);
  }

  /** The key that a value of an enum asks for. */
  public static String key(Enum<?> value) {
    Class<?> type = value.getDeclaringClass();
    String name = beginning(type.getSimpleName());
    if (type.getDeclaringClass() != null) {
      name = beginning(type.getDeclaringClass().getSimpleName()) + "." + name;
    }
    return name + "." + value.name().toLowerCase(Locale.ROOT);
  }

  private static String beginning(String name) {
    return Character.toLowerCase(name.charAt(0)) + name.substring(1);
  }

  /** Whether a key has wording. */
  public static boolean has(String key) {
    return ALL.containsKey(key);
  }

  /** Every key there is, for the test that reads them all. */
  public static Set<String> keys() {
    return ALL.stringPropertyNames();
  }

  private static Properties read() {
    Properties all = new Properties();
    for (String room : ROOMS) {
      try (InputStream in = Wording.class.getResourceAsStream(room + ".properties")) {
        all.load(new InputStreamReader(in, StandardCharsets.UTF_8));
      } catch (IOException e) {
        throw new UncheckedIOException("the wording of the program cannot be read", e);
      }
    }
    return all;
  }
}
