package brightlintel.desktop;

import brightlintel.paint.Fonts;
import javafx.application.Application;

/** Starts the window; what it needs later is loaded beside it. */
public final class Main {
    private Main() { }

    public static void main(String[] args) {
        // without a graphics card the software pipeline is the faster one, and it need not be searched for
        if (System.getProperty("prism.order") == null && System.getProperty("os.name").startsWith("Linux")) System.setProperty("prism.order", "sw");
        Thread warm = new Thread(() -> Fonts.file(Fonts.Weight.REGULAR), "warm-up");
        warm.setDaemon(true);
        warm.start();
        Application.launch(App.class, args);
    }
}
