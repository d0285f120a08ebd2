package brightlintel.desktop.docket;

import brightlintel.building.Custody;
import brightlintel.building.Source;
import brightlintel.building.Underlay;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Following;
import brightlintel.desktop.state.LaterWords;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.receive.Revised;
import brightlintel.receive.Standing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;

/** How the file of a drawing stands on disk, and what can be done about it. */
final class FileCarePart {
    private final Workspace w;
    private final Commands commands;
    private final Underlay u;
    private final Source source;

    FileCarePart(Workspace w, Commands commands, Underlay u, Source source) {
        this.w = w;
        this.commands = commands;
        this.u = u;
        this.source = source;
    }

    List<Node> lines() {
        List<Node> out = new ArrayList<>();
        if (!(source.custody() instanceof Custody.Followed(String path))) {
            out.add(Parts.line(Parts.label(Words.of("disk.kept"), "quiet"), link("file-follow")));
            return out;
        }
        Optional<Following.Stand> s = w.following().of(source.id());
        s.ifPresent(x -> stands(x, path, out));
        if (w.following().lit(u.id()).isPresent() && w.following().offered(source.id()).isEmpty()) {
            out.add(Parts.label(Words.of("later.read", LaterWords.sentence(List.of(w.following().lit(u.id()).get()))), "quiet"));
            out.add(Parts.row(link("file-changes")));
        }
        return out;
    }

    private void stands(Following.Stand s, String path, List<Node> out) {
        switch (s.standing()) {
            case Standing.Same _ -> {
                Node line = Parts.line(Parts.label(Words.of("disk.same"), "quiet"), link("file-keep"));
                Tooltip.install(line, new Tooltip(path));
                out.add(line);
            }
            case Standing.Writing _ -> out.add(Parts.evidence("–", Words.of("disk.writing", source.name()), Tone.PLAIN));
            case Standing.Held(var at) -> {
                out.add(Parts.evidence("✗", Words.of("disk.held", at.getFileName()), Tone.PARTS));
                out.add(Parts.row(link("file-keep")));
            }
            case Standing.Moved(var to) -> {
                out.add(Parts.evidence("→", Words.of("disk.moved", source.name(), to), Tone.PLAIN));
                out.add(Parts.row(link("file-follow-moved"), link("file-keep")));
            }
            case Standing.Missing _ -> {
                out.add(Parts.evidence("–", Words.of("disk.missing", source.name(), path), Tone.PLAIN));
                Button find = link("file-follow");
                find.setText(Words.of("disk.find"));
                out.add(Parts.row(find, link("file-keep")));
            }
            case Standing.Changed _ -> changed(s, out);
        }
    }

    private void changed(Following.Stand s, List<Node> out) {
        if (s.trouble().isPresent()) {
            out.add(Parts.evidence("✗", Words.of("disk.not-whole", s.trouble().get()), Tone.PARTS));
            out.add(Parts.row(link("file-keep")));
            return;
        }
        Revised r = s.revised().orElse(null);
        if (r == null) return;
        if (w.following().offered(source.id()).isEmpty()) {
            out.add(Parts.line(Parts.label(Words.of("disk.left"), "quiet"), link("file-later")));
            return;
        }
        out.add(Parts.label(Words.of("disk.changed", source.name()), "heading"));
        if (r.parts().isEmpty()) out.add(Parts.evidence("✗", Words.of("disk.other", source.name()), Tone.PARTS));
        List<LaterWords.Line> lines = LaterWords.lines(r.parts().values());
        if (lines.isEmpty() && !r.parts().isEmpty()) out.add(Parts.evidence("✓", Words.of("disk.nothing"), Tone.SURE));
        for (LaterWords.Line l : lines)
            out.add(Parts.evidence(Character.toString(l.mark()), l.text(), l.mark() == '−' ? Tone.PARTS : Tone.PLAIN));
        if (r.endsEarly()) out.add(Parts.evidence("✗", Words.of("disk.ends-early"), Tone.PARTS));
        Button take = inHand(Parts.button(w, commands.get("file-later"), true), "file-later");
        out.add(r.parts().isEmpty() ? Parts.row(link("file-leave")) : lines.isEmpty() ? Parts.row(take, link("file-leave"))
            : Parts.row(take, link("file-changes"), link("file-leave")));
    }

    /** Of this drawing, whichever is in hand. */
    private Button inHand(Button b, String command) {
        b.setDisable(false);
        b.setOnAction(_ -> {
            w.onBoard().take(u.id());
            commands.get(command).fire(w);
        });
        return b;
    }

    private Button link(String command) {
        Button b = inHand(Parts.button(w, commands.get(command), false), command);
        b.getStyleClass().add("small");
        if (command.equals("file-changes")) b.setText(Words.of(w.following().isLit() ? "disk.unlight" : "disk.light"));
        return b;
    }
}
