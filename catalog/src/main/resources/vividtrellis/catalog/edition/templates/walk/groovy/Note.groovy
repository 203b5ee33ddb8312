package {{package}}.{{domain}}

import groovy.transform.Immutable

/** A note that somebody wrote; its number is given when it is kept. */
@Immutable
class Note {

    long id
    String title
    String body
}
