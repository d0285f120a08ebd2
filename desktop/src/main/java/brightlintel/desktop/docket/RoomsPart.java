package brightlintel.desktop.docket;

import brightlintel.building.Room;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.RoomTool;
import brightlintel.desktop.tool.SeparationTool;
import brightlintel.joint.Enclosure;
import brightlintel.joint.Enclosures;
import brightlintel.lengths.LengthFormat;
import brightlintel.trace.RoomNumbers;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The rooms of the storey: how they are made, and their list, in which a click finds each on the board. */
final class RoomsPart {
    private static final double ROW = 26, MOST_ROWS = 9, NUMBER = 42, AREA = 44, AGREES = 0.01;
    private final Workspace w;
    private final Commands commands;

    /** What is seen of a room. @param area nothing where its walls no longer close */
    record Row(Room room, Optional<Double> area, boolean doubled) {
        boolean isToLookAt() {
            return area.isEmpty() || doubled || !agrees();
        }

        boolean agrees() {
            return room.written().isEmpty() || area.isPresent() && Math.abs(room.written().get() - area.get())
                <= Math.max(AGREES * area.get(), 0.05);
        }
    }

    private RoomsPart(Workspace w, Commands commands) {
        this.w = w;
        this.commands = commands;
    }

    static List<Node> build(Workspace w, Commands commands) {
        return new RoomsPart(w, commands).build();
    }

    static List<Row> rows(Workspace w) {
        List<Room> rooms = w.contents().rooms();
        Set<String> doubled = RoomNumbers.doubled(rooms);
        List<Row> out = new ArrayList<>();
        Enclosures seen = w.solved().enclosuresSeen();
        for (Room r : rooms) out.add(new Row(r, seen.of(r).map(Enclosure::area), doubled.contains(r.number())));
        out.sort(Comparator.comparing((Row r) -> r.room.number().isEmpty()).thenComparing(r -> r.room.number()).thenComparing(r ->
            r.room.name()));
        return out;
    }

    private List<Node> build() {
        List<Node> out = new ArrayList<>();
        if (w.tool() instanceof RoomTool || w.tool().id().equals("room-outline") || w.tool() instanceof SeparationTool) out.add(inHand());
        List<Row> rows = w.contents().rooms().isEmpty() ? List.of() : rows(w);
        if (rows.isEmpty()) {
            out.add(Parts.fold(Words.of("trace.rooms"), w.contents().walls().isEmpty() ? Parts.right(Words.of("trace.wait-for-walls"),
                "quiet")
                : Parts.right(Words.of("trace.not-yet"), "quiet")));
            return out;
        }
        out.add(list(rows));
        return out;
    }

    private Node inHand() {
        VBox v = Parts.decision(Words.of("trace.room-in-hand"), Parts.right("Esc", "kbd"), true,
            Parts.row(tool("room"), tool("room-outline"), tool("separation")),
            Parts.row(Parts.button(w, commands.get("rooms-all"), false), Parts.button(w, commands.get("room-remaining"), false),
                Parts.button(w, commands.get("rooms-outlines"), false)),
            Parts.figure(Words.of("room.next-number"), Parts.entry(w, "room-next", w.settings().roomNumber().isEmpty()
                ? RoomNumbers.next(w.contents().rooms(), RoomTool.firstNumber(w)) : w.settings().roomNumber(), t -> {
                w.settings().roomNumber(t.strip());
                return true;
            })));
        if (w.tool() instanceof RoomTool t && t.leaks()) v.getChildren().add(Parts.row(Parts.button(w, commands.get("take"), true)));
        return v;
    }

    private Button tool(String id) {
        Button b = Parts.button(w, commands.get(id), false);
        if (w.tool().id().equals(id)) b.getStyleClass().add("chosen");
        return b;
    }

    private Node list(List<Row> rows) {
        long look = rows.stream().filter(Row::isToLookAt).count();
        VBox v = Parts.decision(Words.of("trace.rooms"), look > 0 ? Parts.pill(Words.count("rooms.look", look), Tone.LOOK)
            : Parts.pill("✓ " + rows.size(), Tone.SURE), false);
        ListView<Row> list = new ListView<>();
        list.setId("rooms");
        list.getStyleClass().add("layers");
        list.setFixedCellSize(ROW);
        double high = ROW * Math.min(MOST_ROWS, rows.size()) + 4;
        list.setStyle("-fx-pref-height: " + high + "px;");
        list.setMinHeight(Math.min(3, rows.size()) * ROW + 4);
        list.setMaxHeight(high);
        list.setCellFactory(_ -> new Cell());
        list.getItems().setAll(rows);
        rows.stream().filter(r -> w.selection().contains(r.room.id())).findFirst().ifPresent(r -> {
            list.getSelectionModel().select(r);
            list.scrollTo(Math.max(0, rows.indexOf(r) - 3));
        });
        list.getSelectionModel().selectedItemProperty().addListener((_, _, r) -> {
            if (r != null && list.isFocused()) w.select(Set.of(r.room.id()));
        });
        double sum = rows.stream().flatMap(r -> r.area.stream()).mapToDouble(a -> a).sum();
        v.getChildren().addAll(head(), list, Parts.figure(Words.count("rooms.sum", rows.size(), w.storey().name()),
            Parts.right(w.lengths().area(sum), "heading")));
        Map<String, Double> zones = new TreeMap<>();
        for (Row r : rows) if (!r.room.zone().isEmpty()) zones.merge(r.room.zone(), r.area.orElse(0.0), Double::sum);
        v.getChildren().add(Parts.row(Parts.small(Words.of("rooms.by." + w.looks().roomsBy()), "rooms-by", () ->
            w.looks(w.looks().with(w.looks().roomsBy().next())))));
        zones.forEach((zone, area) -> v.getChildren().add(Parts.figure(zone, Parts.right(w.lengths().area(area)))));
        return v;
    }

    private Node head() {
        return cells(Words.of("rooms.number"), Words.of("rooms.name"), Words.of("rooms.written"), Words.of("rooms.area"), "quiet", "quiet");
    }

    private static HBox cells(String number, String name, String written, String area, String style, String writtenStyle) {
        Label no = new Label(number), na = new Label(name), wr = new Label(written), ar = new Label(area);
        no.setMinWidth(NUMBER);
        no.setPrefWidth(NUMBER);
        na.setMaxWidth(Double.MAX_VALUE);
        na.setMinWidth(0);
        HBox.setHgrow(na, Priority.ALWAYS);
        for (Label l : List.of(wr, ar)) {
            l.setMinWidth(AREA);
            l.setPrefWidth(AREA);
            l.setAlignment(Pos.CENTER_RIGHT);
        }
        for (Label l : List.of(no, na, ar)) if (!style.isEmpty()) l.getStyleClass().add(style);
        if (!writtenStyle.isEmpty()) wr.getStyleClass().add(writtenStyle);
        HBox h = new HBox(6, no, na, wr, ar);
        h.setAlignment(Pos.CENTER_LEFT);
        return h;
    }

    private final class Cell extends ListCell<Row> {
        Cell() {
            setPrefWidth(0);
            setOnMouseClicked(_ -> {
                if (getItem() != null) w.select(Set.of(getItem().room.id()));
            });
        }

        @Override protected void updateItem(Row r, boolean none) {
            super.updateItem(r, none);
            if (none || r == null) {
                setGraphic(null);
                return;
            }
            setId("room-row-" + r.room.number().replaceAll("[^A-Za-z0-9]+", "-"));
            String written = r.room.written().map(a -> LengthFormat.plain(a, 1) + (r.agrees() ? "" : " ✗")).orElse("–");
            HBox h = cells(r.room.number() + (r.doubled ? " ✗" : ""), r.room.name().isEmpty() ? "–" : r.room.name(), written,
                r.area.map(a -> LengthFormat.plain(a, 1)).orElse(Words.of("rooms.open")), "", r.agrees() ? "quiet" : "brick");
            if (r.doubled) h.getChildren().getFirst().getStyleClass().add("brick");
            setGraphic(h);
        }
    }
}
