package brightlintel.store;

import brightlintel.building.GridLine;
import brightlintel.building.Level;
import brightlintel.building.OpeningKind;
import brightlintel.building.Site;
import brightlintel.building.Source;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.Units;
import brightlintel.building.Verdict;
import brightlintel.building.WallKind;
import java.util.List;
import java.util.Map;

/** The parts of a project as they were read, each sound in itself; whether they hold together is not known yet. */
record Draft(String id, String name, Units units, Site site, List<Source> sources, List<Underlay> underlays, List<Storey> storeys,
    List<Level> levels,
             List<GridLine> grid, Map<StoreyId, List<StoreyElement>> contents, List<Verdict> verdicts, List<WallKind> wallKinds,
             List<OpeningKind> openingKinds) { }
