package veldline.cli;

import picocli.CommandLine;
import picocli.CommandLine.Command;
import veldline.explain.Program;

/** Entrance from a shell. Exit code 0 is done, 1 a fault of ours, 2 input that was refused. */
@Command(
        name = "veldline",
        description = "Veldline from a shell.",
        mixinStandardHelpOptions = true,
        version = Program.NAME,
        subcommands = {Solve.class, Calc.class, DesignCommand.class})
public final class Main {
    private Main() {}

    public static void main(String[] args) {
        System.exit(new CommandLine(new Main()).execute(args));
    }
}
