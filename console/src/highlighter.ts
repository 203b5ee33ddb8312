import bash from 'highlight.js/lib/languages/bash'
import dockerfile from 'highlight.js/lib/languages/dockerfile'
import groovy from 'highlight.js/lib/languages/groovy'
import ini from 'highlight.js/lib/languages/ini'
import java from 'highlight.js/lib/languages/java'
import json from 'highlight.js/lib/languages/json'
import kotlin from 'highlight.js/lib/languages/kotlin'
import markdown from 'highlight.js/lib/languages/markdown'
import properties from 'highlight.js/lib/languages/properties'
import sql from 'highlight.js/lib/languages/sql'
import xml from 'highlight.js/lib/languages/xml'
import yaml from 'highlight.js/lib/languages/yaml'
import { createLowlight } from 'lowlight'
import type { Piece } from './highlight'

const lowlight = createLowlight({
  bash,
  dockerfile,
  groovy,
  ini,
  java,
  json,
  kotlin,
  markdown,
  properties,
  sql,
  xml,
  yaml,
})

const BY_ENDING: Record<string, string> = {
  java: 'java',
  kt: 'kotlin',
  kts: 'kotlin',
  groovy: 'groovy',
  gradle: 'groovy',
  xml: 'xml',
  html: 'xml',
  ftlh: 'xml',
  mustache: 'xml',
  yaml: 'yaml',
  yml: 'yaml',
  json: 'json',
  properties: 'properties',
  toml: 'ini',
  service: 'ini',
  editorconfig: 'ini',
  md: 'markdown',
  sql: 'sql',
  sh: 'bash',
  Dockerfile: 'dockerfile',
  mvnw: 'bash',
  gradlew: 'bash',
}

/** Few kinds have a colour, so that the gutter and what is lit stay the loudest. */
const COLOURS: Record<string, string> = {
  'hljs-comment': 'text-soft',
  'hljs-meta': 'text-soft',
  'hljs-quote': 'text-soft',
  'hljs-keyword': 'text-kind-level',
  'hljs-literal': 'text-kind-level',
  'hljs-number': 'text-kind-level',
  'hljs-type': 'text-kind-level',
  'hljs-string': 'text-kind-name',
  'hljs-code': 'text-kind-name',
  'hljs-link': 'text-kind-name',
  'hljs-name': 'text-act',
  'hljs-attr': 'text-act',
  'hljs-attribute': 'text-act',
  'hljs-section': 'text-act',
}

type Tree = ReturnType<typeof lowlight.highlight>['children'][number]

/** The lines of a file, in pieces of one colour each; null for a format that is not known. */
export function colour(path: string, content: string): Piece[][] | null {
  const ending = path.slice(Math.max(path.lastIndexOf('/'), path.lastIndexOf('.')) + 1)
  const language = BY_ENDING[ending]
  if (!language) return null
  const lines: Piece[][] = [[]]
  const walk = (node: Tree, colour: string) => {
    if (node.type === 'element') {
      const own = (node.properties.className as string[] | undefined)
        ?.map((each) => COLOURS[each])
        .find(Boolean)
      node.children.forEach((child) => walk(child as Tree, own ?? colour))
    } else if (node.type === 'text') {
      node.value.split(/\r?\n/).forEach((text, i) => {
        if (i > 0) lines.push([])
        if (text) lines[lines.length - 1]!.push({ text, colour })
      })
    }
  }
  lowlight.highlight(language, content).children.forEach((child) => walk(child, ''))
  return lines
}
