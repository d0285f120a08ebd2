package brightlintel.cli;

import java.nio.file.Path;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.Options;

/** A project or a drawing in another format. */
final class ConvertCommand implements Command {
    @Override public String name() {
        return "convert";
    }

    @Override public String purpose() {
        return "Turns a project into IFC4, a picture, a sheet (PDF, SVG) or a base plan (DXF, DWG), "
            + "or a drawing into DXF, DWG (R2000), PDF or SVG.";
    }

    @Override public String takes() {
        return "PROJECT.lintel|DRAWING";
    }

    @Override public Options options() {
        return new Options()
            .addOption(Option.builder().longOpt("to").hasArg().argName("OUT")
            .desc("the file to write; its ending, ifc, png, dxf, dwg, pdf or svg, says as what").get())
            .addOption(Option.builder().longOpt("view").hasArg().argName("plan|3d").desc("of a picture; 3d if it is not said").get())
            .addOption(Option.builder().longOpt("storey").hasArg().argName("NAME")
            .desc("the plan of this storey, or this storey alone in 3D").get())
            .addOption(Option.builder().longOpt("unit").hasArg().argName("mm|m").desc("of a base plan in DXF or DWG; mm if it is not said")
            .get())
            .addOption(Option.builder().longOpt("clean")
            .desc("of a drawing: building alone, mended, true to size, on layers named by what lies on them")
            .get())
            .addOption(Pages.OPTION)
            .addOption(InspectCommand.PASSWORD)
            .addOption(Option.builder().longOpt("sheet").hasArg().argName("A4..A0").desc("of a PDF or SVG; A3 if it is not said").get())
            .addOption(Option.builder().longOpt("upright").desc("a sheet that is higher than wide").get())
            .addOption(Option.builder().longOpt("scale").hasArg().argName("N").desc("1 to N on the sheet; what fits if it is not said")
            .get())
            .addOption(Option.builder().longOpt("what").hasArg().argName("plan|base")
            .desc("of a project on a sheet; plan if it is not said").get())
            .addOption(Option.builder().longOpt("size").hasArg().argName("WxH").desc("of a picture, in pixels; 1600x1000 if it is not said")
            .get());
    }

    @Override public int run(Call call) throws Exception {
        return new Conversion(call, Path.of(call.only(takes())), Path.of(call.needed("to"))).run();
    }
}
