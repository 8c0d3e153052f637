package app.bittern.formats;

import app.bittern.plan.Permission;
import java.util.Optional;

/// Permissions (classes of service).
final class PermissionFormat implements KindFormat<Permission> {
    static final String ALLOWED = "one of " + String.join(", ", Permission.CATEGORIES);

    static Optional<String> category(String text) {
        return Permission.CATEGORIES.contains(text) ? Optional.of(text) : Optional.empty();
    }

    @Override
    public Optional<Permission> read(String key, Reading fields) {
        return Optional.of(new Permission(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.parsed("may", ALLOWED, PermissionFormat::category)));
    }

    @Override
    public Writing write(Permission permission) {
        return new Writing()
                .text("name", permission.name())
                .text("note", permission.note())
                .texts("may", permission.may());
    }
}
