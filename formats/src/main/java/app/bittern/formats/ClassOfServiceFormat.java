package app.bittern.formats;

import app.bittern.plan.ClassOfService;
import java.util.Optional;

/// Permissions (classes of service).
final class ClassOfServiceFormat implements KindFormat<ClassOfService> {
    static final String ALLOWED = "one of " + String.join(", ", ClassOfService.CATEGORIES);

    static Optional<String> category(String text) {
        return ClassOfService.CATEGORIES.contains(text) ? Optional.of(text) : Optional.empty();
    }

    @Override
    public Optional<ClassOfService> read(String key, Reading fields) {
        return Optional.of(new ClassOfService(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.parsed("may", ALLOWED, ClassOfServiceFormat::category)));
    }

    @Override
    public Writing write(ClassOfService service) {
        return new Writing()
                .text("name", service.name())
                .text("note", service.note())
                .texts("may", service.may());
    }
}
