import type { Metadata } from 'next';
import { SignInPage } from '@/screens/access/parts';
import { Stack } from '@/ui/layout';

export const metadata: Metadata = { title: 'Trust this server' };

/** How a tablet comes to trust the certificate that the shop's server made for itself. Open to everybody. */
export default function Page() {
  return (
    <SignInPage title="Trust this server">
      <p>
        This shop’s server made its own certificate, so that nobody in the network can read along and the
        camera may be used. A device has to be told once.
      </p>
      <a href="/api/certificate">Download the certificate authority (vantle-authority.crt)</a>
      <Stack as="ol" $gap={10} $pad="0 0 0 20px">
        <li>
          <strong>Android:</strong> Settings, Security, Encryption and credentials, Install a certificate, CA
          certificate; choose the downloaded file.
        </li>
        <li>
          <strong>iPad and iPhone:</strong> open the download, Settings, Profile downloaded, Install. Then
          Settings, General, About, Certificate trust settings: switch it on.
        </li>
        <li>
          <strong>Windows:</strong> open the file, Install certificate, Local machine, Trusted root
          certification authorities.
        </li>
        <li>
          <strong>macOS:</strong> open the file in Keychain access, System, and set it to Always trust.
        </li>
        <li>
          <strong>Linux:</strong> import it as an authority in the certificate settings of the browser.
        </li>
      </Stack>
      <p>
        Check the address in the browser’s bar before you do: it must be the one that was shown where the
        server was started.
      </p>
    </SignInPage>
  );
}
