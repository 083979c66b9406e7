/** An answer that is a file. */
export class FileAnswer {
  constructor(
    readonly name: string,
    readonly type: string,
    readonly content: string | Uint8Array,
    /** Shown by the browser where it can, or always saved. */
    readonly shown: 'inline' | 'attachment',
  ) {}

  respond(): Response {
    const body = typeof this.content === 'string' ? this.content : new Uint8Array(this.content);
    return new Response(body, {
      headers: { 'content-type': this.type, 'content-disposition': `${this.shown}; filename="${this.name}"` },
    });
  }
}
