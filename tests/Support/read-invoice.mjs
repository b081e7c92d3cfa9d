// Reads an electronic invoice (UBL) with two readers that are not ours: the one holds it against its own model of the norm and
// writes it as CII, the other holds that against the schema of its syntax. Says what they find, one line each; nothing is right.
// Where a paper (PDF) is named too, the invoice inside it is held against both: it has to say what the first reader made of it.
// A credit note is read by the second alone (`--inside`): the first knows invoices only.
import { readFileSync } from 'node:fs'
import * as first from '@e-invoice-eu/core'
import { extractXml, Profile, validateXsd } from '@stackforge-eu/factur-x'
import { convert } from 'xmlbuilder2'

const schema = first.invoiceSchema
const named = (part) => (part?.$ref ? part.$ref.slice(2).split('/').reduce((of, key) => of[key], schema) : part)

/** XML as the first reader has it: attributes beside their element, lists where its model has lists. */
const read = (value, part, path) => {
    const of = named(part)
    if (!of) {
        console.log(`${path} is nothing it knows`)
        return undefined
    }
    if (of.type === 'array') {
        return (Array.isArray(value) ? value : [value]).map((one) => read(one, of.items, path))
    }
    if (of.type !== 'object') {
        return value
    }
    const all = {}
    for (const [key, inner] of Object.entries(value).filter(([key]) => !key.startsWith('@'))) {
        const attributes = typeof inner === 'object' && !Array.isArray(inner) ? inner : {}
        all[key] = read('#' in attributes ? attributes['#'] : inner, of.properties?.[key], `${path}/${key}`)
        for (const [name, said] of Object.entries(attributes).filter(([name]) => name.startsWith('@'))) {
            all[`${key}${name}`] = said
        }
    }
    return all
}

/** What an XML document says, a line for each of its ends, amounts as numbers. */
const said = (xml) => {
    const lines = []
    const walk = (value, path) => {
        if (value === null || typeof value !== 'object') {
            const plain = String(value)
            lines.push(`${path} ${/^-?\d+\.\d+$/.test(plain) ? Number(plain) : plain}`)
            return
        }
        for (const [key, inner] of Object.entries(value).filter(([key]) => !key.startsWith('@xmlns'))) {
            for (const one of Array.isArray(inner) ? inner : [inner]) {
                walk(one, `${path}/${key}`)
            }
        }
    }
    walk(convert(xml, { format: 'object' }), '')
    return lines
}

if (process.argv[3] === '--inside') {
    const { xml } = await extractXml(readFileSync(process.argv[2]))
    const { valid, errors } = await validateXsd(xml, Profile.EN16931)
    console.log(valid ? xml : JSON.stringify(errors))
    process.exit()
}
const { Invoice } = convert(readFileSync(0, 'utf8'), { format: 'object' })
const invoice = { 'ubl:Invoice': read(Invoice, schema.properties['ubl:Invoice'], '') }
const quiet = { log() {}, warn() {}, error() {} }
const service = new first.InvoiceService(quiet)
try {
    await service.generate(invoice, { format: 'UBL', lang: 'en' })
    const cii = await service.generate(invoice, { format: 'CII', lang: 'en' })
    const { valid, errors } = await validateXsd(String(cii), Profile.EN16931)
    if (!valid) {
        console.log(JSON.stringify(errors))
    }
    if (process.argv[2]) {
        const { xml } = await extractXml(readFileSync(process.argv[2]))
        const inside = await validateXsd(xml, Profile.EN16931)
        if (!inside.valid) {
            console.log(JSON.stringify(inside.errors))
        }
        // Where its schema lies, and the process of a network that nobody asked for: the first reader adds both by itself.
        const own = /@xsi:schemaLocation|BusinessProcessSpecified/
        const [made, theirs] = [said(xml), said(String(cii)).filter((line) => !own.test(line))]
        for (const line of [...made.filter((one) => !theirs.includes(one)), ...theirs.filter((one) => !made.includes(one))]) {
            console.log(`${made.includes(line) ? 'only inside' : 'missing inside'}: ${line}`)
        }
    }
} catch (error) {
    console.log(`${error.message} ${JSON.stringify(error.errors ?? '')}`)
}
