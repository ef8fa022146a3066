import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

/** What runs in threads beside the server: entries of their own at known paths, build/aside/*.js. */
export default defineConfig({
	resolve: { alias: { $core: fileURLToPath(new URL('src/core', import.meta.url)) } },
	publicDir: false,
	build: {
		ssr: true,
		target: 'node20',
		outDir: 'build/aside',
		emptyOutDir: true,
		rollupOptions: {
			input: {
				sheet: 'src/lib/server/exchange/sheet.aside.ts',
				pdf: 'src/lib/server/files/pdf/pdf.aside.ts'
			},
			output: { entryFileNames: '[name].js' }
		}
	}
});
