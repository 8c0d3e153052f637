package app.bittern.server.account;

import app.bittern.plan.Problem;
import app.bittern.server.Refusal;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// What somebody may do at which sites.
///
/// @param everySite at every site, present and to come
/// @param bySite    besides, by the keys of sites
public record Rights(Set<Right> everySite, Map<String, Set<Right>> bySite) {
    static final Rights NONE = new Rights(Set.of(), Map.of());

    public Rights {
        everySite = Set.copyOf(everySite);
        bySite = bySite.entrySet().stream()
                .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, entry -> Set.copyOf(entry.getValue())));
    }

    /// At one site, or at every one where none is named.
    static Rights at(Optional<String> site, Set<Right> rights) {
        return site.map(key -> new Rights(Set.of(), Map.of(key, rights))).orElseGet(() -> new Rights(rights, Map.of()));
    }

    public boolean has(Right right, String site) {
        return everySite.contains(right) || bySite.getOrDefault(site, Set.of()).contains(right);
    }

    public boolean atEverySite(Right right) {
        return everySite.contains(right);
    }

    /// Those at one site, in the order in which they are named.
    public List<Right> of(String site) {
        return Arrays.stream(Right.values()).filter(right -> has(right, site)).toList();
    }

    /// `look change`, as rows have it.
    static String written(Collection<Right> rights) {
        return Arrays.stream(Right.values())
                .filter(rights::contains)
                .map(Right::word)
                .collect(Collectors.joining(" "));
    }

    /// Reads what [#written] writes.
    static Set<Right> read(String written) {
        return Arrays.stream(written.split(" ", -1))
                .flatMap(word -> Right.parse(word).stream())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Right.class)));
    }

    /// Reads words that were given; any right brings that to look.
    ///
    /// @throws Refusal where one is none
    static Set<Right> given(List<String> words) {
        Set<Right> rights = EnumSet.noneOf(Right.class);
        for (String word : words) {
            rights.add(Right.parse(word)
                    .orElseThrow(() -> Refusal.unusable("rights: found '" + Problem.shown(word)
                            + "'; allowed is look, change, cut-over or manage.")));
        }
        if (!rights.isEmpty()) {
            rights.add(Right.LOOK);
        }
        return rights;
    }
}
