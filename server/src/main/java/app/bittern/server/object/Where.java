package app.bittern.server.object;

import app.bittern.formats.FieldForm;
import app.bittern.plan.Kind;
import app.bittern.plan.Pointer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// Places in objects as people call them: `/members/1/after` is "members 2, after".
public final class Where {
    private Where() {}

    public static String words(Kind kind, Pointer at) {
        List<String> words = new ArrayList<>();
        List<String> steps = at.steps();
        for (int length = 1; length <= steps.size(); length++) {
            String step = steps.get(length - 1);
            Optional<FieldForm> form = FieldForm.at(kind, steps.subList(0, length));
            boolean inside = form.filter(one -> one.name().equals("*")).isPresent();
            String word = form.map(FieldForm::title).orElse(step).toLowerCase(Locale.ROOT);
            if (!inside && form.isPresent()) {
                words.add(word);
            } else if (!words.isEmpty()) {
                String place = step.matches("[0-9]{1,4}")
                                && !FieldForm.at(kind, steps.subList(0, length - 1))
                                        // A menu's key 2 is no second entry.
                                        .filter(FieldForm::named)
                                        .isPresent()
                        ? String.valueOf(Integer.parseInt(step) + 1)
                        : step;
                words.set(words.size() - 1, words.getLast() + " " + place);
            } else {
                words.add(step);
            }
        }
        return String.join(", ", words);
    }
}
