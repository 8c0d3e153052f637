package db.migration;

import app.bittern.formats.FormerNames;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Rewrites drafts and journals in the names that fields have today, and sets each release beside in them.
@SuppressWarnings("MemberName") // Flyway reads version and description from it.
public class V10__NamesOfToday extends BaseJavaMigration {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /// Rows written at a time.
    private static final int BATCH = 500;

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        rewrite(
                connection,
                "select kind, key, body, id from plan_object",
                "update plan_object set body = ? where id = ?",
                (row, write) -> {
                    Kind kind = Ref.parse(row.getString(1) + "/" + row.getString(2))
                            .map(Ref::kind)
                            .orElseThrow();
                    JsonNode body = JSON.readTree(row.getString(3));
                    JsonNode today = FormerNames.today(kind, body);
                    write.setString(1, today.toString());
                    write.setLong(2, row.getLong(4));
                    return !today.equals(body);
                });
        rewrite(
                connection,
                "select edit, inverse, site, version from journal",
                "update journal set edit = ?, inverse = ? where site = ? and version = ?",
                (row, write) -> {
                    JsonNode edit = JSON.readTree(row.getString(1));
                    JsonNode inverse = JSON.readTree(row.getString(2));
                    JsonNode editToday = FormerNames.today(edit);
                    JsonNode inverseToday = FormerNames.today(inverse);
                    write.setString(1, editToday.toString());
                    write.setString(2, inverseToday.toString());
                    write.setString(3, row.getString(3));
                    write.setLong(4, row.getLong(4));
                    return !(edit.equals(editToday) && inverse.equals(inverseToday));
                });
        rewrite(
                connection,
                "select site, number, plan from release where format = 2",
                "insert into release_today (site, number, plan) values (?, ?, ?)",
                (row, write) -> {
                    write.setString(1, row.getString(1));
                    write.setInt(2, row.getInt(2));
                    Optional<String> today = FormerNames.today(row.getString(3));
                    write.setString(3, today.orElse(""));
                    return today.isPresent();
                });
    }

    /// Makes what is written of a row that was read.
    private interface Rewriting {
        /// Whether it is to be written at all.
        boolean of(ResultSet row, PreparedStatement write) throws SQLException;
    }

    private static void rewrite(Connection connection, String select, String update, Rewriting rewriting)
            throws SQLException {
        try (Statement read = connection.createStatement();
                PreparedStatement write = connection.prepareStatement(update)) {
            read.setFetchSize(BATCH);
            int waiting = 0;
            try (ResultSet row = read.executeQuery(select)) {
                while (row.next()) {
                    if (rewriting.of(row, write)) {
                        write.addBatch();
                        waiting++;
                    }
                    if (waiting == BATCH) {
                        write.executeBatch();
                        waiting = 0;
                    }
                }
            }
            write.executeBatch();
        }
    }
}
