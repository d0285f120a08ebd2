package brightlintel.store;

import brightlintel.building.Project;
import java.util.List;

/** A project as it was opened. @param version of the format in which it was written; remarks: what had to be mended */
public record Opened(Project project, int version, List<Remark> remarks) {
    public Opened {
        remarks = List.copyOf(remarks);
    }
}
