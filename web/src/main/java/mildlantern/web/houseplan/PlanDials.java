package mildlantern.web.houseplan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.place.StopId;
import mildlantern.plan.Dials;
import mildlantern.plant.PlantId;
import org.springframework.web.util.UriComponentsBuilder;

/** What the dials of the page say; what each means stands at {@link PlanForm}. */
record PlanDials(
        String moves,
        String price,
        boolean noLamps,
        boolean noMoney,
        List<PlantId> pin,
        List<StopId> bare,
        List<StopId> air,
        List<String> keep) {
    static final int MOST_MOVES = 9999;

    static final String JOINED = "_";

    /** Whether a text joins two ids. */
    static boolean isPair(String text) {
        return text.matches("[0-9a-f-]{36}" + JOINED + "[0-9a-f-]{36}");
    }

    boolean movesWrong() {
        return !moves.isEmpty() && most().isEmpty();
    }

    private Optional<Integer> most() {
        return moves.matches("[0-9]{1,4}") ? Optional.of(Integer.parseInt(moves)) : Optional.empty();
    }

    boolean priceWrong() {
        return !price.isEmpty() && priceOfKwh().isEmpty();
    }

    OptionalDouble priceOfKwh() {
        return price.matches("[0-9]{1,4}([.,][0-9]{1,4})?")
                ? OptionalDouble.of(Double.parseDouble(price.replace(',', '.')))
                : OptionalDouble.empty();
    }

    Dials dials() {
        return new Dials(
                most().orElse(MOST_MOVES),
                !noLamps,
                !noMoney,
                Set.copyOf(pin),
                Set.copyOf(bare),
                Set.copyOf(air),
                together());
    }

    /** Plants that stay together; who is joined to one that is joined to others stays with all of them. */
    List<Set<PlantId>> together() {
        List<Set<PlantId>> groups = new ArrayList<>();
        for (String pair : keep) {
            Set<PlantId> joined = Stream.of(pair.split(JOINED))
                    .flatMap(id -> plant(id).stream())
                    .collect(Collectors.toSet());
            List<Set<PlantId>> touched = groups.stream()
                    .filter(group -> group.stream().anyMatch(joined::contains))
                    .toList();
            groups.removeAll(touched);
            touched.forEach(joined::addAll);
            if (joined.size() > 1) {
                groups.add(joined);
            }
        }
        return groups;
    }

    private static Optional<PlantId> plant(String id) {
        try {
            return Optional.of(new PlantId(UUID.fromString(id)));
        } catch (IllegalArgumentException notAnId) {
            return Optional.empty();
        }
    }

    /** The address of the page with these dials, with a plant more that stays. */
    String pinning(PlantId plant) {
        return address(plus(pin, plant), bare, air, keep);
    }

    /** The same with a stop more at which nothing is put up, or in whose room the air is left. */
    String leaving(StopId stop, boolean itsAir) {
        return itsAir ? address(pin, bare, plus(air, stop), keep) : address(pin, plus(bare, stop), air, keep);
    }

    public String address() {
        return address(pin, bare, air, keep);
    }

    /** The same with plants that may part and move again. */
    public String freed() {
        return address(List.of(), bare, air, List.of());
    }

    private static <T> List<T> plus(List<T> all, T one) {
        return Stream.concat(all.stream(), Stream.of(one)).distinct().toList();
    }

    private String address(List<PlantId> pins, List<StopId> bares, List<StopId> airs, List<String> keeps) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath("/care/plan");
        some(address, "moves", most().isEmpty() ? List.of() : List.of(moves));
        some(address, "price", priceOfKwh().isEmpty() ? List.of() : List.of(price));
        some(address, "noLamps", noLamps ? List.of(true) : List.of());
        some(address, "noMoney", noMoney ? List.of(true) : List.of());
        some(address, "pin", pins);
        some(address, "bare", bares);
        some(address, "air", airs);
        some(address, "keep", keeps);
        return address.encode().toUriString();
    }

    private static void some(UriComponentsBuilder address, String name, List<?> values) {
        if (!values.isEmpty()) {
            address.queryParam(name, values);
        }
    }
}
