// Writes docs/interface.txt: what the interface says by itself, file by file, to be read in review; what the core says
// is in docs/sentences.txt. With --check it says whether that file is as it would be written.
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join, relative } from "node:path";
import ts from "typescript";
import { parse } from "vue/compiler-sfc";

const SRC = join(import.meta.dirname, "src");
const FILE = join(import.meta.dirname, "../docs/interface.txt");
/** Attributes whose values are read or heard. */
const SAID =
  /^(label|aria-label|aria-description|title|placeholder|alt|name|text|header|ok-title|cancel-title|words|about)$/;
/** Elements that stand in the midst of a sentence. */
const INLINE = /^(template|b|i|em|strong|span|a|kbd|code|sup|sub|small|time|abbr)$/;
const ELEMENT = 1;
const TEXT = 2;
const INTERPOLATION = 5;
const ATTRIBUTE = 6;

const plain = (text) => text.replace(/\s+/g, " ").trim();
/** Words with a space between them, or one with a capital; no names of classes, keys or files. */
const isSaid = (text) =>
  /[a-z]{2}/i.test(text) &&
  !/[{};<>/\\]|^[a-z-]+:|^\.|=|\(\d/.test(text.replace(/\{…\}/g, "")) &&
  !/\b(bg|text|btn|d|fw|flex|align|justify|border|rounded|gap)-[a-z\d]|px (var|sans|')|^(base|weaving|own) \{…\}/.test(
    text,
  ) &&
  (/[a-z,.] [a-z{"“]/i.test(text) || /^[A-Z][a-z]+$/.test(text));

/** The texts in an expression, values in it as {…}. */
function literals(code) {
  const found = [];
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isStringLiteralLike(node)) found.push(node.text);
    else if (ts.isTemplateExpression(node)) {
      found.push(node.head.text + node.templateSpans.map((span) => `{…}${span.literal.text}`).join(""));
      for (const span of node.templateSpans) visit(span.expression);
      return;
    }
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile("text.ts", code, ts.ScriptTarget.Latest, true));
  return found.map(plain).filter(isSaid);
}

/** The texts of an attribute, plain or reckoned. */
function attribute(prop) {
  if (prop.type === ATTRIBUTE)
    return prop.value && SAID.test(prop.name) && isSaid(prop.value.content) ? [plain(prop.value.content)] : [];
  return prop.exp && prop.arg?.content !== "class" ? literals(`(${prop.exp.content})`) : [];
}

/** The texts of an element of a template, those that stand in one line together. */
function texts(node) {
  const found = [];
  let line = "";
  const end = () => {
    if (/[a-z]{2}/i.test(line.replace(/\{…\}|\[[^\]]*\]/g, ""))) found.push(plain(line));
    line = "";
  };
  const element = (one) => {
    const inHand = /^Live/.test(one.tag);
    const inline = inHand || INLINE.test(one.tag);
    if (!inline) end();
    if (inHand) line += `[${one.props.find((prop) => prop.name === "label")?.value?.content ?? "…"}]`;
    found.push(...one.props.flatMap(attribute));
    one.children.forEach(visit);
    if (!inline) end();
  };
  const visit = (one) => {
    if (one.type === TEXT) line += one.content;
    else if (one.type === ELEMENT) element(one);
    else if (one.type === INTERPOLATION) {
      line += "{…}";
      found.push(...literals(`(${one.content.content})`));
    }
  };
  visit(node);
  end();
  return found;
}

function said(file) {
  const source = readFileSync(file, "utf8");
  if (file.endsWith(".ts")) return literals(source);
  const { descriptor } = parse(source);
  const script = descriptor.scriptSetup ?? descriptor.script;
  return [...(script ? literals(script.content) : []), ...(descriptor.template?.ast.children.flatMap(texts) ?? [])];
}

const files = readdirSync(SRC, { recursive: true })
  .filter((name) => /\.(ts|vue)$/.test(name) && !/generated|\.d\.ts$/.test(name))
  .sort();
const written = files
  .map((name) => [name, [...new Set(said(join(SRC, name)))]])
  .filter(([, lines]) => lines.length > 0)
  .map(([name, lines]) => `## ${relative(".", name)}\n${lines.join("\n")}\n`)
  .join("\n");
if (!process.argv.includes("--check")) writeFileSync(FILE, written);
else if (readFileSync(FILE, "utf8") !== written) {
  console.error("docs/interface.txt is not what the interface says: npm --prefix web run text");
  process.exitCode = 1;
}
