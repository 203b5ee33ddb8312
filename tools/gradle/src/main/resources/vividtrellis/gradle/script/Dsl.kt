package org.gradle.kotlin.dsl

import org.gradle.api.Action
import org.gradle.api.DomainObjectCollection
import org.gradle.api.NamedDomainObjectProvider
import org.gradle.api.Project
import org.gradle.api.Task
import org.gradle.api.artifacts.Configuration
import org.gradle.api.artifacts.ConfigurationContainer
import org.gradle.api.artifacts.Dependency
import org.gradle.api.artifacts.ModuleDependency
import org.gradle.api.artifacts.dsl.DependencyHandler
import org.gradle.api.artifacts.dsl.RepositoryHandler
import org.gradle.api.file.ConfigurableFileCollection
import org.gradle.api.file.FileCollection
import org.gradle.api.file.FileSystemLocation
import org.gradle.api.file.FileSystemLocationProperty
import org.gradle.api.plugins.ExtensionAware
import org.gradle.api.plugins.ExtensionContainer
import org.gradle.api.plugins.ExtraPropertiesExtension
import org.gradle.api.provider.HasMultipleValues
import org.gradle.api.provider.MapProperty
import org.gradle.api.provider.Property
import org.gradle.api.provider.Provider
import org.gradle.api.tasks.TaskCollection
import org.gradle.api.tasks.TaskContainer
import org.gradle.api.tasks.TaskProvider
import java.io.File

// What scripts in Kotlin may say beside Gradle's own classes; the archive has no module for it.

class DependencyHandlerScope(val dependencies: DependencyHandler) : DependencyHandler by dependencies {
    operator fun String.invoke(notation: Any): Dependency? = dependencies.add(this, notation)

    operator fun NamedDomainObjectProvider<Configuration>.invoke(notation: Any): Dependency? =
        dependencies.add(name, notation)
}

fun Project.dependencies(configuration: DependencyHandlerScope.() -> Unit) =
    DependencyHandlerScope(dependencies).configuration()

operator fun ConfigurationContainer.invoke(configuration: ConfigurationContainer.() -> Unit) = configuration()

fun Project.repositories(configuration: RepositoryHandler.() -> Unit) = repositories.configuration()

fun <T : ModuleDependency> T.exclude(group: String? = null, module: String? = null): T =
    apply { exclude(listOfNotNull(group?.let { "group" to it }, module?.let { "module" to it }).toMap()) }

fun Configuration.exclude(group: String? = null, module: String? = null): Configuration =
    exclude(listOfNotNull(group?.let { "group" to it }, module?.let { "module" to it }).toMap())

inline fun <reified T : Any> Project.the(): T = extensions.getByType(T::class.java)

inline fun <reified T : Any> Project.configure(noinline action: T.() -> Unit) =
    extensions.getByType(T::class.java).action()

val ExtensionAware.extra: ExtraPropertiesExtension get() = extensions.extraProperties

inline fun <reified T : Any> ExtensionContainer.getByType(): T = getByType(T::class.java)

@Suppress("UNCHECKED_CAST")
inline fun <reified S : Task> TaskCollection<in S>.withType(): TaskCollection<S> =
    (this as TaskCollection<Task>).withType(S::class.java)

@Suppress("UNCHECKED_CAST")
inline fun <reified S : Task> TaskCollection<in S>.withType(action: Action<in S>): TaskCollection<S> =
    (this as TaskCollection<Task>).withType(S::class.java).also { it.configureEach(action) }

@Suppress("UNCHECKED_CAST")
inline fun <reified S : Any> DomainObjectCollection<in S>.withType(): DomainObjectCollection<S> =
    (this as DomainObjectCollection<Any>).withType(S::class.java)

@Suppress("UNCHECKED_CAST")
inline fun <reified T : Task> TaskCollection<out Task>.named(name: String): TaskProvider<T> =
    (this as TaskCollection<Task>).named(name, T::class.java)

@Suppress("UNCHECKED_CAST")
inline fun <reified T : Task> TaskCollection<out Task>.named(name: String, action: Action<in T>): TaskProvider<T> =
    (this as TaskCollection<Task>).named(name, T::class.java, action)

inline fun <reified T : Task> TaskContainer.register(name: String): TaskProvider<T> = register(name, T::class.java)

inline fun <reified T : Task> TaskContainer.register(name: String, action: Action<in T>): TaskProvider<T> =
    register(name, T::class.java, action)

operator fun <T> NamedDomainObjectProvider<T>.invoke(action: Action<in T>) = configure(action)

fun <T> Property<T>.assign(value: T?) = set(value)

fun <T> Property<T>.assign(value: Provider<out T?>) = set(value)

fun <T : FileSystemLocation> FileSystemLocationProperty<T>.assign(file: File?) = set(file)

fun <T> HasMultipleValues<T>.assign(elements: Iterable<T?>?) = set(elements)

fun <T> HasMultipleValues<T>.assign(elements: Provider<out Iterable<T?>?>) = set(elements)

fun <K, V> MapProperty<K, V>.assign(entries: Map<out K?, V?>?) = set(entries)

fun ConfigurableFileCollection.assign(files: FileCollection) = setFrom(files)
