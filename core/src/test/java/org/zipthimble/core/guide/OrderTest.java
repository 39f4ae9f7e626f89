package org.zipthimble.core.guide;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.zipthimble.core.wording.Wording;

/** What the help says of an order is on the screen by that very name. */
class OrderTest {
  private static final Pattern QUOTED = Pattern.compile("“([^”]+)”");

  private static Set<String> onTheScreen() throws IOException {
    Set<String> all = new HashSet<>();
    for (String room : List.of("core", "window")) {
      Properties one = new Properties();
      try (InputStream in = Wording.class.getResourceAsStream(room + ".properties")) {
        one.load(new InputStreamReader(in, StandardCharsets.UTF_8));
      }
      one.values().forEach(v -> all.add(plain(v.toString())));
    }
    return all;
  }

  private static String plain(String text) {
    return text.replace("…", "").toLowerCase(Locale.ROOT).strip();
  }

  private static void named(String text) throws IOException {
    Set<String> names = onTheScreen();
    Matcher quoted = QUOTED.matcher(text);
    while (quoted.find()) {
      assertTrue(names.contains(plain(quoted.group(1))), "nothing on the screen is called " + quoted.group());
    }
  }

  @ParameterizedTest
  @EnumSource
  void itsStepsNameWhatIsThere(Order order) throws IOException {
    assertFalse(order.title().isBlank());
    assertTrue(order.steps().size() >= 4 && order.steps().size() <= 7, order + " has " + order.steps().size() + " steps");
    for (String step : order.steps()) {
      named(step);
    }
  }

  @ParameterizedTest
  @EnumSource
  void theFirstJobNamesWhatIsThere(Together step) throws IOException {
    named(Wording.of(step));
  }

  @Test
  void thereAreTwentyOne() {
    assertEquals(21, Order.values().length);
    assertEquals(21, Arrays.stream(Order.values()).map(Order::title).distinct().count());
  }
}
