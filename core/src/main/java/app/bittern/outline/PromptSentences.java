package app.bittern.outline;

import app.bittern.number.E164;
import app.bittern.outline.Part.Style;
import app.bittern.plan.Destination;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Prompt;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.Spoken;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Says what is said, and what is not there.
final class PromptSentences {
    private static final int SHOWN = 34;

    private final Plan plan;

    PromptSentences(Plan plan) {
        this.plan = plan;
    }

    /// The words of a prompt in a language, and how long they take.
    List<Part> prompt(Ref ref, String language) {
        Optional<Prompt> prompt = plan.find(ref, Prompt.class);
        if (prompt.isEmpty()) {
            return List.of(missing(ref));
        }
        String main = plan.site().defaultLanguage();
        String said = prompt.get().script(language, main).orElse("");
        String in = prompt.get().scripts().containsKey(language) ? language : main;
        return List.of(
                Part.token(
                        Style.PLAIN,
                        said.isEmpty() ? prompt.get().title() : "“" + shortened(said) + "”",
                        new Part.Edit(ref, Pointer.of(in), said)),
                Part.digits(new Seconds(prompt.get().length(language, main)).said()));
    }

    /// What a field says: the words of its prompt, or that nothing is said, where a prompt can be chosen.
    List<Part> said(String when, Ref object, Pointer field, Optional<Spoken> prompt, String language) {
        List<Part> parts = new ArrayList<>(List.of(Part.muted(when)));
        prompt.ifPresentOrElse(
                one -> parts.addAll(prompt(one.prompt(), one.in(language))),
                () -> parts.add(Part.token(Style.MUTED, "nothing", new Part.Edit(object, field, ""))));
        return parts;
    }

    /// What people call an object, also one that is not there.
    String called(Ref ref) {
        return plan.find(ref).isPresent() ? plan.title(ref) : ref.kind().title() + " " + ref.key();
    }

    Part missing(Ref ref) {
        return Part.end(Style.LOST, called(ref) + ", which is not there");
    }

    /// What people call a destination.
    String called(String destination) {
        return Destination.parse(destination)
                .map(to -> to instanceof Destination.Outside(E164 number)
                        ? number.international()
                        : to.target().map(this::called).orElse(destination.replace('-', ' ')))
                .or(() -> Ref.parse(destination).map(this::called))
                .orElse(destination);
    }

    private static String shortened(String said) {
        return said.length() <= SHOWN ? said : said.substring(0, SHOWN - 2).strip() + "…";
    }
}
