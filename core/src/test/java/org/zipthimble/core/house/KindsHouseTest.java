package org.zipthimble.core.house;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.lang.reflect.Method;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.geom.Bend;
import org.zipthimble.core.geom.Bow;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemVisitor;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.units.Size;

/**
 * Nobody asks what an object is: whoever needs something of it asks for what can do it, an interface that another kind may have as well, or
 * visits all kinds. The question is found under any name.
 */
class KindsHouseTest {
  /** The four kinds by name, as a line of code would ask for them. */
  private static final Pattern ASKS = Pattern.compile("as(Words|Shape|Photo|Group|Live)\\(\\)");
  private static final int MOST_LINES = 40;

  private static List<Class<?>> kinds() {
    List<Class<?>> out = new ArrayList<>();
    ends(Item.class, out);
    return out;
  }

  private static void ends(Class<?> type, List<Class<?>> out) {
    if (type.isSealed()) {
      Arrays.stream(type.getPermittedSubclasses()).forEach(t -> ends(t, out));
    } else {
      out.add(type);
    }
  }

  private static List<Path> sources(String under) throws IOException {
    try (Stream<Path> files = Files.walk(Path.of("..").toRealPath())) {
      return files.filter(p -> p.toString().endsWith(".java") && p.toString().replace('\\', '/').contains(under)).sorted().toList();
    }
  }

  @Test
  void fewLinesAskByTheOldName() throws IOException {
    List<String> found = lines(ASKS);
    assertTrue(found.size() <= MOST_LINES, () -> String.join("\n", found));
    assertTrue(ASKS.matcher("item.asWords().isPresent()").find());
  }

  private static List<String> lines(Pattern wanted) throws IOException {
    List<String> found = new ArrayList<>();
    List<Path> all = sources("/src/main/");
    assertTrue(all.size() > 300, "sources read: " + all.size());
    for (Path file : all) {
      for (String line : Files.readAllLines(file)) {
        if (wanted.matcher(line).find()) {
          found.add(file.getFileName() + " " + line.strip());
        }
      }
    }
    return found;
  }

  /** Whatever gives one kind by its type, or many, from what may be any. */
  @Test
  void noMethodGivesAKindOfWhatMayBeAny() throws Exception {
    List<String> found = new ArrayList<>();
    int looked = 0;
    for (Path file : sources("core/src/main/java/org/zipthimble/core/item/")) {
      Class<?> type = Class.forName("org.zipthimble.core.item." + file.getFileName().toString().replace(".java", ""));
      if (kinds().contains(type) || type == ItemVisitor.class) {
        continue;
      }
      for (Method m : type.getDeclaredMethods()) {
        looked++;
        if (!m.isSynthetic() && kinds().stream().anyMatch(k -> names(m.getGenericReturnType(), k))) {
          found.add(type.getSimpleName() + "." + m.getName());
        }
      }
    }
    assertTrue(looked > 200, "methods looked at: " + looked);
    assertTrue(names(KindsHouseTest.class.getDeclaredMethod("renamed").getGenericReturnType(), ItemWords.class),
        "a question under another name is seen");
    assertEquals(List.of(), found);
  }

  /** Nor does any other room find out by a method of its own. */
  @Test
  void noRoomGivesAKindOfWhatMayBeAny() {
    List<String> found = new ArrayList<>();
    int looked = 0;
    for (JavaMethod method : new ClassFileImporter().withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
        .importPackages("org.zipthimble.core").stream().flatMap(c -> c.getMethods().stream()).toList()) {
      looked++;
      boolean maybe = method.getRawReturnType().isEquivalentTo(Optional.class);
      boolean kind = method.getReturnType().getAllInvolvedRawTypes().stream().anyMatch(t -> kinds().stream().anyMatch(t::isEquivalentTo));
      if (maybe && kind) {
        found.add(method.getFullName());
      }
    }
    assertTrue(looked > 3000, "methods looked at: " + looked);
    assertEquals(List.of(), found);
  }

  private static boolean names(Type type, Class<?> kind) {
    return type == kind || type instanceof ParameterizedType && Arrays.stream(((ParameterizedType) type).getActualTypeArguments())
        .anyMatch(t -> names(t, kind));
  }

  static Optional<ItemWords> renamed() {
    return Optional.empty();
  }

  /** A yes or no that one kind alone always says, and no other ever, is the old question; so is an optional answer that is no ability. */
  @Test
  void noAnswerIsThatOfOneKindAlone() throws Exception {
    TreeSet<String> found = new TreeSet<>();
    int looked = 0;
    for (Method m : Item.class.getMethods()) {
      boolean ability = m.getGenericReturnType() instanceof ParameterizedType
          && Arrays.stream(((ParameterizedType) m.getGenericReturnType()).getActualTypeArguments())
          .anyMatch(t -> t instanceof Class && Item.class.isAssignableFrom((Class<?>) t));
      if (m.getParameterCount() == 0 && !ability && (m.getReturnType() == boolean.class || m.getReturnType() == Optional.class)) {
        looked++;
        if (ofOneKind(samples(), i -> yes(m, i))) {
          found.add(m.getName());
        }
      }
    }
    assertTrue(looked >= 6, "questions looked at: " + looked);
    assertTrue(ofOneKind(samples(), i -> i.getClass() == ItemShape.class), "a question under another name is seen");
    assertEquals(new TreeSet<>(), found);
  }

  private static boolean yes(Method m, Item item) {
    try {
      Object answer = m.invoke(item);
      return answer instanceof Optional ? ((Optional<?>) answer).isPresent() : (Boolean) answer;
    } catch (ReflectiveOperationException e) {
      throw new AssertionError(m.getName(), e);
    }
  }

  private static boolean ofOneKind(List<Item> samples, java.util.function.Predicate<Item> asked) {
    Map<Class<?>, List<Boolean>> answers = new LinkedHashMap<>();
    samples.forEach(i -> answers.computeIfAbsent(i.getClass(), k -> new ArrayList<>()).add(asked.test(i)));
    long always = answers.values().stream().filter(a -> a.stream().allMatch(b -> b)).count();
    long ever = answers.values().stream().filter(a -> a.stream().anyMatch(b -> b)).count();
    return always == 1 && ever == 1;
  }

  private static List<Item> samples() {
    Picture picture = Made.picture(30, 20);
    HoldsWords words = Made.words("w", "Beans", 1, 1, 2, 1, Made.style("Fraunces", "Regular", 20));
    ItemShape shape = Made.rectangle("s", 1, 1, 2, 1);
    ItemPhoto photo = Made.photo("p", picture, 1, 1, 3, 2);
    List<Item> out = new ArrayList<>(List.of(words, shape, shape.withFill(Optional.empty()),
        shape.withFill(Optional.empty()).withLine(Optional.of(LineLook.of(1, Made.BEET))), photo));
    for (LiveEffect effect : List.of(LiveEffect.TOGETHER, new LiveEffect.Combined(Way.JOIN, Look.NONE),
        LiveEffect.Mounted.empty(Look.NONE), LiveEffect.Mounted.empty(Look.NONE).holding(Optional.of(picture.id())),
        new LiveEffect.Bent(Bend.of(Bow.ARC, 40)))) {
      out.add(new ItemGroup(ItemProperties.of("g", "Group"), Placement.of(1, 1, 2, 2, 0), new Size(2, 2), List.of(shape, words), effect));
    }
    assertEquals(kinds().size(), out.stream().map(Object::getClass).distinct().count(), "a sample of every kind");
    return out;
  }

  /** What is asked of an object to find what can do something is answered by every kind itself: a new one that forgets is no program. */
  @Test
  void abilitiesAreInterfacesThatEveryKindAnswersFor() {
    int abilities = 0;
    for (Method m : Item.class.getDeclaredMethods()) {
      Type given = m.getGenericReturnType();
      if (given instanceof ParameterizedType && ((ParameterizedType) given).getRawType() == Optional.class) {
        Type of = ((ParameterizedType) given).getActualTypeArguments()[0];
        if (of instanceof Class && Item.class.isAssignableFrom((Class<?>) of)) {
          abilities++;
          assertTrue(((Class<?>) of).isInterface(), m.getName());
          assertTrue(!m.isDefault(), m.getName() + " has no answer that a new kind would inherit");
        }
      }
    }
    assertEquals(4, abilities);
  }
}
