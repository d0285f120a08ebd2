package brightlintel.building;

import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A named function from project to project.
 *
 * @param name    key of the step's name in the bundle
 * @param subject what it fills in, "" for nothing
 * @param gesture tells two drags apart: edits of one gesture are one step
 */
public record Edit(String name, String subject, Optional<Long> gesture, UnaryOperator<Project> change) {
    public static Edit of(String name, UnaryOperator<Project> change) {
        return new Edit(name, "", Optional.empty(), change);
    }

    public static Edit of(String name, String subject, UnaryOperator<Project> change) {
        return new Edit(name, subject, Optional.empty(), change);
    }

    public Edit during(long g) {
        return new Edit(name, subject, Optional.of(g), change);
    }

    public Project apply(Project p) {
        return change.apply(p);
    }

    boolean continues(Edit before) {
        return gesture.isPresent() && gesture.equals(before.gesture) && name.equals(before.name);
    }
}
