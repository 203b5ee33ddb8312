package vividtrellis.cli.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import vividtrellis.cli.terminal.Failure;

/** Puts what was written under version control. A repository that is there is never touched. */
public final class FirstCommit {

  private static final String MESSAGE = "Begin with what the picks give";
  private static final int MOST_SECONDS = 60;

  private final Path root;

  private FirstCommit(Path root) {
    this.root = root;
  }

  /**
   * Refuses a directory that is under version control already, before anything is written.
   *
   * @throws Failure when it lies in a repository, or when there is no git
   */
  public static void mayBeMadeIn(Path directory) {
    for (Path each = directory.toAbsolutePath(); each != null; each = each.getParent()) {
      if (Files.exists(each.resolve(".git"))) {
        throw new Failure(
            Failure.CANNOT_WRITE,
            "This directory is under version control already; nothing was written.",
            each.toString(),
            "leave --git out, and commit yourself");
      }
    }
    new FirstCommit(Path.of(".")).git(List.of("--version"));
  }

  /** Makes a repository whose first commit holds exactly some files. */
  public static void make(Path root, List<String> files) {
    FirstCommit commit = new FirstCommit(root);
    commit.git(List.of("init", "--quiet", "--initial-branch=main"));
    List<String> add = new ArrayList<>(List.of("add", "--"));
    add.addAll(files);
    commit.git(add);
    commit.git(List.of("commit", "--quiet", "--message", MESSAGE));
  }

  private void git(List<String> words) {
    List<String> command = new ArrayList<>(List.of("git"));
    command.addAll(words);
    try {
      Process git =
          new ProcessBuilder(command).directory(root.toFile()).redirectErrorStream(true).start();
      git.getOutputStream().close();
      String said = new String(git.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
      if (!git.waitFor(MOST_SECONDS, TimeUnit.SECONDS) || git.exitValue() != 0) {
        throw new Failure(
            Failure.CANNOT_WRITE,
            "The files are written, but git could not " + words.get(0) + ": " + said,
            root.toString(),
            "do what git says, then: git add . && git commit");
      }
    } catch (IOException e) {
      throw new Failure(
          Failure.CANNOT_WRITE,
          "There is no git on this machine.",
          null,
          "install git, or leave --git out");
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Failure(Failure.INTERNAL, "Interrupted while git ran.", root.toString(), null);
    }
  }
}
