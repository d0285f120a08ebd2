package brightlintel.desktop.task;

import brightlintel.building.Edit;
import brightlintel.building.FileId;
import brightlintel.building.UnderlayId;
import brightlintel.desktop.state.Workspace;
import brightlintel.drawing.Progress;
import brightlintel.edit.Receiving;
import brightlintel.receive.DrawingShelf;
import java.io.File;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Another window of the same user, as a process of its own: claims a project, or works on a drawing until it is killed. */
final class OtherWindow {
    private OtherWindow() { }

    /** @param args what to do, the home, the file */
    public static void main(String[] args) throws Exception {
        Path home = Path.of(args[1]), file = Path.of(args[2]);
        if (args[0].equals("claim")) System.out.println(new Claims(home).take(file) ? "mine" : "taken");
        else work(new Sessions(home), file);
        System.out.flush();
        Thread.sleep(600_000);
    }

    private static void work(Sessions sessions, Path drawing) throws Exception {
        Workspace w = new Workspace(new DrawingShelf(sessions.originals()));
        Keeping keeping = new Keeping(w, sessions, e -> System.out.println("failed " + e));
        var arrival = w.shelf().take(drawing, Progress.NONE).arrival();
        w.apply(Receiving.receive(FileId.fresh(), UnderlayId.fresh(), new Receiving.Arrived("host.dxf", 1, "2026-03-02T09:00:00Z"), arrival,
            w.storeyId()));
        w.apply(Edit.of("edit.name", p -> p.withName("Club")));
        keeping.now();
        keeping.close();
        System.out.println("kept");
    }

    /** Starts one, and waits for its first word. */
    static Started start(String... args) throws IOException {
        List<String> command = new ArrayList<>(List.of(ProcessHandle.current().info().command().orElseThrow()));
        // as this process was started: its modules, or its class path
        for (String a : ManagementFactory.getRuntimeMXBean().getInputArguments())
            if (a.startsWith("--add") || a.startsWith("--patch") || a.startsWith("--module-path")) command.add(a);
        command.addAll(List.of("-cp", paths(), OtherWindow.class.getName()));
        command.addAll(List.of(args));
        command.removeIf(a -> a.startsWith("--"));
        Process p = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.INHERIT).start();
        return new Started(p, Optional.ofNullable(p.inputReader().readLine()).orElse(""));
    }

    private static String paths() {
        String modules = System.getProperty("jdk.module.path", "");
        return String.join(File.pathSeparator,
            List.of("target/test-classes", "target/classes", modules, System.getProperty("java.class.path", "")));
    }

    record Started(Process process, String word) {
        void kill() throws InterruptedException {
            process.destroyForcibly().waitFor();
        }
    }
}
