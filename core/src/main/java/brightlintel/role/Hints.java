package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.drawing.Names;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What names of layers and blocks hint at, in several languages and by the codes of ISO 13567 and of layer guidelines in use. Names
 * mislead: a
 * hint tips the scales between what geometry leaves open, and never stands alone.
 */
final class Hints {
    private record Hint(Pattern name, Role role) { }

    /** The first that fits counts: what is narrower stands first. */
    private static final List<Hint> ALL = List.of(
        hint("patt|hatch|schraff|hachur|rayado|sombre|retino|arcering|fill\\b|belag|floor.?finish|tile", Role.HATCH),
        hint("dim|bemass|mass(kette|linie)|cota|quot|maat|anno.?dims", Role.DIMENSION),
        hint("raum(stempel|text|name|nr)|room.?(name|id|no|tag)|area.?iden|space.?id|local|estancia", Role.ROOM_LABEL),
        hint("raum|room.?(outl|bound)|area", Role.ROOM_OUTLINE),
        hint("ttlb|title|plankopf|schriftfeld|cartouche|cajetin|cartiglio|rahmen|frame|border|blattrand|sheet", Role.SHEET),
        hint("axis|axes|achs|grid|eje|axe\\b|assi|raster|stramien|iden", Role.GRID),
        hint("sanit|fixt|wc|bad|plumb|p.?fixt|aparatos|sanitair", Role.SANITARY),
        hint("furn|mobel|mobl|mobil|meubel|mueble|equip|einricht|arredi|kitchen|kuche", Role.FURNITURE),
        hint("door|tur(en)?\\b|tuer|porte|puerta|deur|porta", Role.DOOR),
        hint("glaz|wind|fenst|fenetre|ventana|raam|finestra", Role.WINDOW),
        hint("col(s|umns?)?\\b|stutz|stuetz|poteau|pilar|kolom|pilastr|cols", Role.COLUMN),
        hint("strs|stair|trepp|escal|trap\\b|scal[ae]", Role.STAIR),
        hint("slab|decke|platte|dalle|forjado|vloer", Role.SLAB_EDGE),
        hint("wall|wand|wande|mur\\b|murs|muro|muren|parete|mauer", Role.WALL),
        hint("plnt|plant|tree|baum|vegetat|site|garten|begrun|landsc|aussenanl|topo|grund(stuck|grenz)", Role.SITE),
        hint("text|txt|note|beschrift|schrift|texte|texto|testo|tekst|anno|legn", Role.TEXT));

    private Hints() { }

    private static Hint hint(String pattern, Role role) {
        return new Hint(Pattern.compile("(^|[^a-z])(" + pattern + ")|" + "(" + pattern + ")($|[^a-z])"), role);
    }

    static Optional<Role> of(String name) {
        String plain = Names.plain(name).replace('_', '-');
        return ALL.stream().filter(h -> h.name.matcher(plain).find()).map(Hint::role).findFirst();
    }
}
