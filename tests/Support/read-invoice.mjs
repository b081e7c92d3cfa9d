// Reads an electronic invoice (UBL) with two readers that are not ours: the one holds it against its own model of the norm and
// writes it as CII, the other holds that against the schema of its syntax. Says what they find, one line each; nothing is right.
import { readFileSync } from 'node:fs'
import * as first from '@e-invoice-eu/core'
import { Profile, validateXsd } from '@stackforge-eu/factur-x'
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
} catch (error) {
    console.log(`${error.message} ${JSON.stringify(error.errors ?? '')}`)
}
