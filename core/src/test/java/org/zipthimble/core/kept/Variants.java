package org.zipthimble.core.kept;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * A record with one thing in it changed, for every component of it and of the records it holds; found by what the records say of
 * themselves.
 */
final class Variants {
  private static final int DEEPEST = 9;

  private final Map<String, List<Object>> donors = new TreeMap<>();
  private final Set<String> done = new HashSet<>();
  private final List<Variant> found = new ArrayList<>();

  /** A value with one component changed, named as {@code Ticket.mirror}. */
  record Variant(String name, Object value) {}

  /** What other values take the place of a component: those that others have at the same place. */
  void learn(Object value, int deep) {
    if (value == null || deep > DEEPEST) {
      return;
    }
    if (value instanceof Record) {
      for (RecordComponent component : value.getClass().getRecordComponents()) {
        Object part = get(value, component);
        List<Object> known = donors.computeIfAbsent(name(component), n -> new ArrayList<>());
        if (known.size() < 12 && !known.contains(part)) {
          known.add(part);
        }
        learn(part, deep + 1);
      }
    } else if (value instanceof List<?> list) {
      list.stream().limit(6).forEach(v -> learn(v, deep + 1));
    } else if (value instanceof Optional<?> maybe) {
      maybe.ifPresent(v -> learn(v, deep + 1));
    }
  }

  /** Every change of one component, each once however many values have it. */
  List<Variant> of(Record value) {
    found.clear();
    done.clear();
    walk(value, changed -> changed, 0);
    return List.copyOf(found);
  }

  private interface Rebuild {
    Object with(Object changed);
  }

  private void walk(Object value, Rebuild rebuild, int deep) {
    if (deep > DEEPEST) {
      return;
    }
    if (value instanceof Record) {
      for (RecordComponent component : value.getClass().getRecordComponents()) {
        Object part = get(value, component);
        Rebuild own = changed -> rebuild.with(remade((Record) value, component, changed));
        if (!done.contains(name(component))) {
          for (Object other : others(component, part)) {
            if (built(own, other, name(component))) {
              done.add(name(component));
              break;
            }
          }
        }
        walk(part, own, deep + 1);
      }
    } else if (value instanceof List<?> list) {
      for (int i = 0; i < Math.min(list.size(), 6); i++) {
        int at = i;
        walk(list.get(i), changed -> {
          List<Object> more = new ArrayList<>(list);
          more.set(at, changed);
          return rebuild.with(more);
        }, deep + 1);
      }
    } else if (value instanceof Optional<?> maybe && maybe.isPresent()) {
      walk(maybe.get(), changed -> rebuild.with(Optional.of(changed)), deep + 1);
    }
  }

  private boolean built(Rebuild rebuild, Object other, String name) {
    try {
      found.add(new Variant(name, rebuild.with(other)));
      return true;
    } catch (IllegalArgumentException | IllegalStateException | NullPointerException | ClassCastException notOfThis) {
      return false;
    }
  }

  private List<Object> others(RecordComponent component, Object part) {
    List<Object> all = new ArrayList<>();
    if (part instanceof Boolean flag) {
      all.add(!flag);
    } else if (part instanceof Enum<?> one) {
      all.addAll(Arrays.asList(one.getDeclaringClass().getEnumConstants()));
    } else if (part instanceof Double figure) {
      all.addAll(List.of(figure * 1.1 + 0.01, figure * 0.8, figure + 1, 0.5, 0.0));
    } else if (part instanceof Integer figure) {
      all.addAll(List.of(figure + 1, figure - 1, 2));
    } else if (part instanceof String text) {
      all.add(text + "x");
    } else if (part instanceof List<?> list && !list.isEmpty()) {
      all.add(list.subList(0, list.size() - 1));
    } else if (part instanceof Optional<?> maybe && maybe.isPresent()) {
      all.add(Optional.empty());
    }
    all.addAll(donors.getOrDefault(name(component), List.of()));
    all.removeIf(other -> other == null || other.equals(part) || !fits(component.getGenericType(), other));
    return all;
  }

  private static boolean fits(Type type, Object other) {
    return !(type instanceof ParameterizedType) || !(other instanceof Record);
  }

  private static String name(RecordComponent component) {
    return component.getDeclaringRecord().getSimpleName() + "." + component.getName();
  }

  static Object get(Object of, RecordComponent component) {
    try {
      component.getAccessor().setAccessible(true);
      return component.getAccessor().invoke(of);
    } catch (ReflectiveOperationException e) {
      throw new AssertionError(component.toString(), e);
    }
  }

  private static Record remade(Record value, RecordComponent changed, Object part) {
    RecordComponent[] components = value.getClass().getRecordComponents();
    Object[] parts = Arrays.stream(components).map(c -> c.getName().equals(changed.getName()) ? part : get(value, c)).toArray();
    try {
      Constructor<?> all = value.getClass().getDeclaredConstructor(
          Arrays.stream(components).map(RecordComponent::getType).toArray(Class[]::new));
      all.setAccessible(true);
      return (Record) all.newInstance(parts);
    } catch (InvocationTargetException refused) {
      if (refused.getCause() instanceof RuntimeException because) {
        throw because;
      }
      throw new AssertionError(refused);
    } catch (ReflectiveOperationException e) {
      throw new AssertionError(value.getClass().toString(), e);
    }
  }
}
