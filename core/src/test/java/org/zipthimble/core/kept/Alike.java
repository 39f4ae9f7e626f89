package org.zipthimble.core.kept;

import java.awt.image.BufferedImage;
import java.lang.reflect.Array;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.font.FontFace;

/**
 * Whether two results are alike, down to what they hold: equal where their kind says what that means, else field by field, pictures pixel
 * by pixel.
 */
final class Alike {
  private final Map<Object, Set<Object>> seen = new IdentityHashMap<>();

  /** Where the two differ; empty when they are alike. */
  static Optional<String> unlike(Object a, Object b) {
    return new Alike().differ(a, b, "");
  }

  private Optional<String> differ(Object a, Object b, String at) {
    if (a == b) {
      return Optional.empty();
    }
    if (a == null || b == null || a.getClass() != b.getClass() && !(a instanceof Collection) && !(a instanceof Map)) {
      return Optional.of(at + ": " + a + " / " + b);
    }
    if (!seen.computeIfAbsent(a, k -> new HashSet<>()).add(System.identityHashCode(b))) {
      return Optional.empty();
    }
    if (a instanceof Optional<?> maybe) {
      return differ(maybe.orElse(null), ((Optional<?>) b).orElse(null), at);
    }
    if (a instanceof FontFace face) {
      return face.name().equals(((FontFace) b).name()) ? Optional.empty() : Optional.of(at + ": " + face.name());
    }
    if (a instanceof BufferedImage image) {
      BufferedImage other = (BufferedImage) b;
      boolean same = image.getWidth() == other.getWidth() && image.getHeight() == other.getHeight()
          && java.util.Arrays.equals(image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth()),
          other.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth()));
      return same ? Optional.empty() : Optional.of(at + ": pixels");
    }
    if (a.getClass().isArray()) {
      return array(a, b, at);
    }
    if (a instanceof Map<?, ?> map) {
      return list(new ArrayList<>(map.values()), new ArrayList<>(((Map<?, ?>) b).values()), at);
    }
    if (a instanceof List<?> list) {
      return list(list, (List<?>) b, at);
    }
    if (!a.getClass().getName().startsWith("org.zipthimble") || a instanceof Enum) {
      return a.equals(b) || a.getClass().isHidden() || a.getClass().isSynthetic() || a.getClass().getName().startsWith("java.awt")
          ? Optional.empty() : Optional.of(at + ": " + a + " / " + b);
    }
    return a.getClass().isHidden() || a.equals(b) ? Optional.empty() : fields(a, b, at);
  }

  private Optional<String> array(Object a, Object b, String at) {
    if (Array.getLength(a) != Array.getLength(b)) {
      return Optional.of(at + ": lengths");
    }
    for (int i = 0; i < Array.getLength(a); i++) {
      Optional<String> unlike = a.getClass().getComponentType().isPrimitive()
          ? Array.get(a, i).equals(Array.get(b, i)) ? Optional.empty() : Optional.of(at + "[" + i + "]")
          : differ(Array.get(a, i), Array.get(b, i), at + "[" + i + "]");
      if (unlike.isPresent()) {
        return unlike;
      }
    }
    return Optional.empty();
  }

  private Optional<String> list(List<?> a, List<?> b, String at) {
    if (a.size() != b.size()) {
      return Optional.of(at + ": " + a.size() + " / " + b.size());
    }
    for (int i = 0; i < a.size(); i++) {
      Optional<String> unlike = differ(a.get(i), b.get(i), at + "[" + i + "]");
      if (unlike.isPresent()) {
        return unlike;
      }
    }
    return Optional.empty();
  }

  private Optional<String> fields(Object a, Object b, String at) {
    for (Class<?> type = a.getClass(); type != null && type != Object.class; type = type.getSuperclass()) {
      for (Field field : type.getDeclaredFields()) {
        if (Modifier.isStatic(field.getModifiers()) || field.isSynthetic() && !field.getName().startsWith("this") && !field.getName()
            .startsWith("val")) {
          continue;
        }
        try {
          field.setAccessible(true);
          Optional<String> unlike = differ(field.get(a), field.get(b), at + "." + field.getName());
          if (unlike.isPresent()) {
            return unlike;
          }
        } catch (IllegalAccessException e) {
          throw new AssertionError(field.toString(), e);
        }
      }
    }
    return Optional.empty();
  }
}
