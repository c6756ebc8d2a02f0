// Numbers as they are typed, and formulas of them: + − × / ( ) min max mean.
const near = 1e-9;
const typedNumber = (text, symbol) => {
  let t = text.trim();
  if (symbol && t.endsWith(symbol)) t = t.slice(0, -symbol.length).trim();
  t = t.replace(',', '.').replace('−', '-');
  const part = t.match(/^(-?)(?:(\d+)\s+)?(\d+)\/(\d+)$/);
  if (part && Number(part[4])) return (part[1] ? -1 : 1) * (Number(part[2] || 0) + Number(part[3]) / Number(part[4]));
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(t) ? Number(t) : NaN;
};
const shownNumber = v => String(Math.round(v * 1e6) / 1e6);
// Nothing while a value is missing, it divides by nought, or it is no formula of these.
const formula = (text, values) => {
  let at = 0;
  const peek = () => { while (/\s/.test(text[at] || '')) at++; return text[at]; };
  const take = c => peek() && c.includes(peek()) ? text[at++] : '';
  const sum = () => {
    let left = product();
    for (let op; (op = take('+-−'));) { const right = product(); left = op === '+' ? left + right : left - right; }
    return left;
  };
  const product = () => {
    let left = factor();
    for (let op; (op = take('*×/'));) {
      const right = factor();
      if (op === '/' && right === 0) throw new Error('nought');
      left = op === '/' ? left / right : left * right;
    }
    return left;
  };
  const factor = () => {
    if (take('-−')) return -factor();
    if (take('(')) { const inner = sum(); if (!take(')')) throw new Error('form'); return inner; }
    peek();
    const number = text.slice(at).match(/^(\d+\.?\d*|\.\d+)/);
    if (number) { at += number[0].length; return Number(number[0]); }
    const name = text.slice(at).match(/^[\p{L}_][\p{L}\p{N}_]*/u);
    if (!name) throw new Error('form');
    at += name[0].length;
    if (!take('(')) {
      if (!(name[0] in values)) throw new Error('missing');
      return values[name[0]];
    }
    const of = [];
    do { of.push(sum()); } while (take(','));
    if (!take(')')) throw new Error('form');
    if (name[0] === 'min') return Math.min(...of);
    if (name[0] === 'max') return Math.max(...of);
    if (name[0] === 'mean') return of.reduce((a, b) => a + b) / of.length;
    throw new Error('form');
  };
  try {
    const value = sum();
    return peek() === undefined && Number.isFinite(value) ? value : undefined;
  } catch (e) {
    return undefined;
  }
};
