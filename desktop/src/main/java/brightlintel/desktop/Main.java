package brightlintel.desktop;

import java.util.List;
import javafx.application.Application;

/** Starts the window; what it will need is made ready beside it. */
public final class Main {
    private Main() { }

    public static void main(String[] args) {
        // without a graphics card the software pipeline is the faster one, and it need not be searched for
        if (System.getProperty("prism.order") == null && System.getProperty("os.name").startsWith("Linux"))
            System.setProperty("prism.order", "sw");
        Preload.begin(List.of(args).contains("--demo"));
        Application.launch(App.class, args);
    }
}
