package org.zipthimble.desktop.tag;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.Label;
import org.zipthimble.core.code.CodeKind;
import org.zipthimble.core.code.Codes;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Controls;
import org.zipthimble.desktop.control.TypedField;
import org.zipthimble.desktop.state.Session;

/** What a code says, how it is encoded and how wide its narrowest part is. */
final class CodeSection extends Section {
  CodeSection(Session session) {
    super(session);
    TypedField content = new TypedField("code-content", Wording.text("code.content"),
        text -> change(c -> new Outline.Coded(c.code(), text.strip(), Optional.empty())));
    fresh.add(() -> coded().ifPresent(c -> {
      content.show(c.content());
      content.setDisable(c.fact().isPresent());
    }));
    List<String> kinds = Arrays.stream(CodeKind.values()).map(k -> Wording.of(k)).toList();
    var kind = choice("code-kind", "code.kind", kinds, () -> coded().map(c -> c.code().ordinal()),
        i -> change(c -> new Outline.Coded(CodeKind.values()[i], c.content(), c.fact())));
    List<String> facts = new ArrayList<>(List.of(Wording.text("code.typed")));
    session.job().facts().stream().map(Fact::name).forEach(facts::add);
    var fact = choice("code-fact", "code.fact", facts, () -> coded().map(c -> c.fact().map(facts::indexOf).orElse(0)).filter(i -> i >= 0),
        i -> change(c -> new Outline.Coded(
        c.code(), i == 0 ? c.content() : Filling.find(session.job(), facts.get(i)).map(Fact::value).orElse(""),
        i == 0 ? Optional.empty() : Optional.of(facts.get(i)))));
    TypedField module = length("code-module", "code.module", 0.001, 2,
        () -> shape().flatMap(s -> coded().map(c -> c.module(s.placement().width(), s.placement().height()))).orElse(Double.NaN),
        this::module);
    Controls.tip(module, Wording.text("code.module.tip"));
    Label told = Controls.wrapped("", "side-note");
    told.setId("code-told");
    fresh.add(() -> coded().ifPresent(c -> told.setText(Codes.draw(c.code(), c.content()).trouble().map(Throwable::getMessage)
        .orElse(Wording.text("code.least", Wording.of(c.code()), Lengths.plain(c.code().leastModule(), 4))))));
    getChildren().addAll(
        Controls.under(Wording.text("code.kind"), kind), Controls.under(Wording.text("code.content"), content),
        Controls.row(6, Controls.under(Wording.text("code.fact"), fact), field(70, "code.module", module)), told);
  }

  private Optional<HasOutline> shape() {
    return now().flatMap(Item::outlined);
  }

  private Optional<Outline.Coded> coded() {
    return shape().flatMap(s -> s.outline().asCoded());
  }

  private void change(UnaryOperator<Outline.Coded> change) {
    session.apply(Edits.shape(face(), ids(), "edit.code", s -> s.outline().asCoded().map(c -> s.withOutline(change.apply(c))).orElse(s)));
  }

  /** Makes the box as wide as its modules are together; a matrix is as high as wide, bars keep their height in proportion. */
  private void module(double inches) {
    shape().ifPresent(s -> coded().ifPresent(c -> {
      Codes.Drawn drawn = Codes.draw(c.code(), c.content());
      double factor = inches / c.module(s.placement().width(), s.placement().height());
      session.apply(Edits.place(face(), ids(), "edit.code", p -> c.code().matrix()
          ? p.withWidth(drawn.width() * inches).withHeight(drawn.height() * inches)
          : p.withWidth(p.width() * factor).withHeight(p.height() * factor)));
    }));
  }
}
