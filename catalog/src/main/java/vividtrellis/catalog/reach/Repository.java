package vividtrellis.catalog.reach;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.apache.maven.repository.internal.MavenRepositorySystemUtils;
import org.apache.maven.settings.Mirror;
import org.apache.maven.settings.Proxy;
import org.apache.maven.settings.Server;
import org.apache.maven.settings.Settings;
import org.apache.maven.settings.building.DefaultSettingsBuilderFactory;
import org.apache.maven.settings.building.DefaultSettingsBuildingRequest;
import org.apache.maven.settings.building.SettingsBuildingException;
import org.eclipse.aether.DefaultRepositorySystemSession;
import org.eclipse.aether.RepositorySystem;
import org.eclipse.aether.artifact.Artifact;
import org.eclipse.aether.impl.RemoteRepositoryFilterManager;
import org.eclipse.aether.impl.RepositoryConnectorProvider;
import org.eclipse.aether.repository.LocalRepository;
import org.eclipse.aether.repository.RemoteRepository;
import org.eclipse.aether.repository.RepositoryPolicy;
import org.eclipse.aether.resolution.ArtifactRequest;
import org.eclipse.aether.resolution.ArtifactResolutionException;
import org.eclipse.aether.resolution.ResolutionErrorPolicy;
import org.eclipse.aether.spi.connector.ArtifactDownload;
import org.eclipse.aether.spi.connector.RepositoryConnector;
import org.eclipse.aether.spi.connector.RepositoryConnectorFactory;
import org.eclipse.aether.supplier.RepositorySystemSupplier;
import org.eclipse.aether.transfer.ArtifactNotFoundException;
import org.eclipse.aether.transfer.ArtifactTransferException;
import org.eclipse.aether.transfer.NoRepositoryConnectorException;
import org.eclipse.aether.util.repository.AuthenticationBuilder;
import org.eclipse.aether.util.repository.DefaultAuthenticationSelector;
import org.eclipse.aether.util.repository.DefaultMirrorSelector;
import org.eclipse.aether.util.repository.DefaultProxySelector;
import org.eclipse.aether.util.repository.SimpleArtifactDescriptorPolicy;
import org.eclipse.aether.util.repository.SimpleResolutionErrorPolicy;
import org.jspecify.annotations.Nullable;

/**
 * A registry as Maven sees it: with mirrors, accounts and proxies of a settings file. What was
 * fetched and what was seen to be there is kept in a folder, so that a run that was stopped goes
 * on; what was missing is asked for again by each run, since a registry fills up.
 */
final class Repository implements AutoCloseable {

  private static final int PATIENCE_MILLIS = 60_000;

  private final RepositorySystem system;
  private final DefaultRepositorySystemSession session;
  private final List<RemoteRepository> remotes;
  private final RepositoryConnector connector;
  private final Path seen;
  private final Map<String, Boolean> there = new LinkedHashMap<>();

  private Repository(
      RepositorySystem system,
      DefaultRepositorySystemSession session,
      List<RemoteRepository> remotes,
      RepositoryConnector connector,
      Path seen) {
    this.system = system;
    this.session = session;
    this.remotes = remotes;
    this.connector = connector;
    this.seen = seen;
  }

  /**
   * Opens one.
   *
   * @param base the address that Maven asks unless its settings say otherwise
   * @param settings a settings file of Maven; empty for none
   * @param kept folder for what was fetched
   * @throws IllegalArgumentException when the settings cannot be read
   */
  static Repository open(String base, Optional<Path> settings, Path kept) throws IOException {
    Connectors connectors = new Connectors();
    RepositorySystem system = connectors.get();
    DefaultRepositorySystemSession session = MavenRepositorySystemUtils.newSession();
    session.setConfigProperty("aether.dependencyCollector.impl", "bf");
    session.setConfigProperty("aether.connector.requestTimeout", PATIENCE_MILLIS);
    session.setConfigProperty("aether.connector.connectTimeout", PATIENCE_MILLIS);
    session.setSystemProperties(System.getProperties());
    session.setUpdatePolicy(RepositoryPolicy.UPDATE_POLICY_ALWAYS);
    session.setChecksumPolicy(RepositoryPolicy.CHECKSUM_POLICY_IGNORE);
    // As Maven itself does: a file that is missing or broken is told, and the rest goes on.
    session.setArtifactDescriptorPolicy(new SimpleArtifactDescriptorPolicy(true, true));
    session.setResolutionErrorPolicy(
        new SimpleResolutionErrorPolicy(ResolutionErrorPolicy.CACHE_NOT_FOUND, 0));
    if (settings.isPresent()) {
      apply(settings(settings.get()), session);
    }
    Path local = Files.createDirectories(kept.resolve("repository"));
    session.setLocalRepositoryManager(
        system.newLocalRepositoryManager(session, new LocalRepository(local.toFile(), "simple")));
    RemoteRepository central = new RemoteRepository.Builder("central", "default", base).build();
    List<RemoteRepository> remotes = system.newResolutionRepositories(session, List.of(central));
    RepositoryConnector connector;
    try {
      connector = connectors.provider().newRepositoryConnector(session, remotes.get(0));
    } catch (NoRepositoryConnectorException e) {
      throw new IllegalArgumentException(
          "this address cannot be asked: " + remotes.get(0).getUrl(), e);
    }
    Repository repository =
        new Repository(system, session, remotes, connector, kept.resolve("there.txt"));
    repository.readSeen();
    return repository;
  }

  /** Gives the part that makes connections, which the supplier keeps to itself. */
  private static final class Connectors extends RepositorySystemSupplier {
    private @Nullable RepositoryConnectorProvider made;

    @Override
    protected RepositoryConnectorProvider getRepositoryConnectorProvider(
        Map<String, RepositoryConnectorFactory> factories, RemoteRepositoryFilterManager filters) {
      made = super.getRepositoryConnectorProvider(factories, filters);
      return made;
    }

    RepositoryConnectorProvider provider() {
      return Objects.requireNonNull(made);
    }
  }

  private static Settings settings(Path file) {
    try {
      return new DefaultSettingsBuilderFactory()
          .newInstance()
          .build(
              new DefaultSettingsBuildingRequest()
                  .setUserSettingsFile(file.toFile())
                  .setSystemProperties(System.getProperties()))
          .getEffectiveSettings();
    } catch (SettingsBuildingException e) {
      throw new IllegalArgumentException(file + " is no settings file of Maven: " + e.getMessage());
    }
  }

  private static void apply(Settings settings, DefaultRepositorySystemSession session) {
    DefaultMirrorSelector mirrors = new DefaultMirrorSelector();
    for (Mirror each : settings.getMirrors()) {
      mirrors.add(
          each.getId(),
          each.getUrl(),
          each.getLayout(),
          false,
          each.isBlocked(),
          each.getMirrorOf(),
          each.getMirrorOfLayouts());
    }
    session.setMirrorSelector(mirrors);
    DefaultAuthenticationSelector accounts = new DefaultAuthenticationSelector();
    for (Server each : settings.getServers()) {
      accounts.add(
          each.getId(),
          new AuthenticationBuilder()
              .addUsername(each.getUsername())
              .addPassword(each.getPassword())
              .build());
    }
    session.setAuthenticationSelector(accounts);
    DefaultProxySelector proxies = new DefaultProxySelector();
    for (Proxy each : settings.getProxies()) {
      if (each.isActive()) {
        proxies.add(
            new org.eclipse.aether.repository.Proxy(
                each.getProtocol(),
                each.getHost(),
                each.getPort(),
                new AuthenticationBuilder()
                    .addUsername(each.getUsername())
                    .addPassword(each.getPassword())
                    .build()),
            each.getNonProxyHosts());
      }
    }
    session.setProxySelector(proxies);
  }

  RepositorySystem system() {
    return system;
  }

  /** A session of its own for each question, over the same folder. */
  DefaultRepositorySystemSession session() {
    return new DefaultRepositorySystemSession(session);
  }

  List<RemoteRepository> remotes() {
    return remotes;
  }

  /** The file of an artifact, fetched if need be; empty if it is not there. */
  Optional<File> file(Artifact artifact) {
    try {
      return Optional.of(
          system
              .resolveArtifact(session, new ArtifactRequest(artifact, remotes, null))
              .getArtifact()
              .getFile());
    } catch (ArtifactResolutionException e) {
      failIfUnreachable(e.getResult().getExceptions());
      return Optional.empty();
    }
  }

  private static void failIfUnreachable(Collection<Exception> causes) {
    for (Exception each : causes) {
      if (each instanceof ArtifactTransferException
          && !(each instanceof ArtifactNotFoundException)) {
        throw new UncheckedIOException(
            "the registry does not answer: " + each.getMessage(), new IOException(each));
      }
    }
  }

  /** Those of some artifacts that are not there; nothing is downloaded. */
  Set<Artifact> missing(Collection<Artifact> artifacts) {
    Map<String, ArtifactDownload> asked = new LinkedHashMap<>();
    for (Artifact each : artifacts) {
      if (!there.containsKey(each.toString())) {
        ArtifactDownload question =
            new ArtifactDownload(each, "project", null, RepositoryPolicy.CHECKSUM_POLICY_IGNORE);
        question.setExistenceCheck(true);
        asked.putIfAbsent(each.toString(), question);
      }
    }
    if (!asked.isEmpty()) {
      connector.get(asked.values(), null);
      asked.forEach(
          (name, answer) -> {
            Exception e = answer.getException();
            if (e != null) {
              failIfUnreachable(List.of(e));
            }
            there.put(name, e == null);
          });
      keep(asked.keySet());
    }
    Set<Artifact> missing = new HashSet<>();
    artifacts.stream()
        .filter(each -> !there.getOrDefault(each.toString(), false))
        .forEach(missing::add);
    return missing;
  }

  private void readSeen() throws IOException {
    if (Files.exists(seen)) {
      Files.readAllLines(seen).forEach(name -> there.put(name, true));
    }
  }

  private void keep(Set<String> asked) {
    List<String> more = asked.stream().filter(name -> there.getOrDefault(name, false)).toList();
    try {
      Files.write(seen, more, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    } catch (IOException e) {
      throw new UncheckedIOException("what was seen cannot be kept: " + seen, e);
    }
  }

  /** How many files were asked for, in this run and in earlier ones that it goes on from. */
  int asked() {
    return there.size();
  }

  @Override
  public void close() {
    connector.close();
    system.shutdown();
  }
}
