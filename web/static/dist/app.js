var Im=Object.defineProperty;var It=(s,t,e)=>()=>{if(e)throw e[0];try{return s&&(t=s(s=0)),t}catch(i){throw e=[i],i}};var Lm=(s,t)=>{for(var e in t)Im(s,e,{get:t[e],enumerable:!0})};function Dm(s){for(let t=s.length-1;t>=0;--t)if(s[t]>=65535)return!0;return!1}function Nm(s){return ArrayBuffer.isView(s)&&!(s instanceof DataView)}function wr(s){return document.createElementNS("http://www.w3.org/1999/xhtml",s)}function rf(){let s=wr("canvas");return s.style.display="block",s}function Sh(...s){let t="THREE."+s.shift();Es?Es("log",t,...s):console.log(t,...s)}function of(s){let t=s[0];if(typeof t=="string"&&t.startsWith("TSL:")){let e=s[1];e&&e.isStackTrace?s[0]+=" "+e.getLocation():s[1]='Stack trace not available. Enable "THREE.Node.captureStackTrace" to capture stack traces.'}return s}function Dt(...s){s=of(s);let t="THREE."+s.shift();if(Es)Es("warn",t,...s);else{let e=s[0];e&&e.isStackTrace?console.warn(e.getError(t)):console.warn(t,...s)}}function Ot(...s){s=of(s);let t="THREE."+s.shift();if(Es)Es("error",t,...s);else{let e=s[0];e&&e.isStackTrace?console.error(e.getError(t)):console.error(t,...s)}}function gr(...s){let t=s.join(" ");t in Vu||(Vu[t]=!0,Dt(...s))}function af(s,t,e){return new Promise(function(i,n){function r(){switch(s.clientWaitSync(t,s.SYNC_FLUSH_COMMANDS_BIT,0)){case s.WAIT_FAILED:n();break;case s.TIMEOUT_EXPIRED:setTimeout(r,e);break;default:i()}}setTimeout(r,e)})}function Hs(){let s=Math.random()*4294967295|0,t=Math.random()*4294967295|0,e=Math.random()*4294967295|0,i=Math.random()*4294967295|0;return(Qe[s&255]+Qe[s>>8&255]+Qe[s>>16&255]+Qe[s>>24&255]+"-"+Qe[t&255]+Qe[t>>8&255]+"-"+Qe[t>>16&15|64]+Qe[t>>24&255]+"-"+Qe[e&63|128]+Qe[e>>8&255]+"-"+Qe[e>>16&255]+Qe[e>>24&255]+Qe[i&255]+Qe[i>>8&255]+Qe[i>>16&255]+Qe[i>>24&255]).toLowerCase()}function zt(s,t,e){return Math.max(t,Math.min(e,s))}function bh(s,t){return(s%t+t)%t}function Um(s,t,e,i,n){return i+(s-t)*(n-i)/(e-t)}function Fm(s,t,e){return s!==t?(e-s)/(t-s):0}function xr(s,t,e){return(1-e)*s+e*t}function Om(s,t,e,i){return xr(s,t,1-Math.exp(-e*i))}function Bm(s,t=1){return t-Math.abs(bh(s,t*2)-t)}function km(s,t,e){return s<=t?0:s>=e?1:(s=(s-t)/(e-t),s*s*(3-2*s))}function zm(s,t,e){return s<=t?0:s>=e?1:(s=(s-t)/(e-t),s*s*s*(s*(s*6-15)+10))}function Vm(s,t){return s+Math.floor(Math.random()*(t-s+1))}function Hm(s,t){return s+Math.random()*(t-s)}function Gm(s){return s*(.5-Math.random())}function Wm(s){s!==void 0&&(Hu=s);let t=Hu+=1831565813;return t=Math.imul(t^t>>>15,t|1),t^=t+Math.imul(t^t>>>7,t|61),((t^t>>>14)>>>0)/4294967296}function qm(s){return s*_r}function Xm(s){return s*As}function Ym(s){return s>0&&Number.isInteger(s)&&2**Math.round(Math.log2(s))===s}function $m(s){return Math.pow(2,Math.ceil(Math.log(s)/Math.LN2))}function Mh(s){return Math.pow(2,Math.floor(Math.log(s)/Math.LN2))}function Zm(s,t,e,i,n){let r=Math.cos,o=Math.sin,a=r(e/2),l=o(e/2),c=r((t+i)/2),h=o((t+i)/2),u=r((t-i)/2),d=o((t-i)/2),f=r((i-t)/2),m=o((i-t)/2);switch(n){case"XYX":s.set(a*h,l*u,l*d,a*c);break;case"YZY":s.set(l*d,a*h,l*u,a*c);break;case"ZXZ":s.set(l*u,l*d,a*h,a*c);break;case"XZX":s.set(a*h,l*m,l*f,a*c);break;case"YXY":s.set(l*f,a*h,l*m,a*c);break;case"ZYZ":s.set(l*m,l*f,a*h,a*c);break;default:Dt("MathUtils: .setQuaternionFromProperEuler() encountered an unknown order: "+n)}}function wh(s){switch(s.constructor){case Uint32Array:return 4294967295;case Uint16Array:return 65535;case Uint8Array:case Uint8ClampedArray:return 255;case Int32Array:return 2147483647;case Int16Array:return 32767;case Int8Array:return 127;default:return}}function cf(s,t){if(t.constructor===Float32Array)return s;let e=wh(t);if(e===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.max(s/e,-1)}function hf(s,t){if(t.constructor===Float32Array)return s;let e=wh(t);if(e===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.round(s*e)}function Jm(){let s={enabled:!0,workingColorSpace:br,spaces:{},convert:function(n,r,o){return this.enabled===!1||r===o||!r||!o||(this.spaces[r].transfer===ce&&(n.r=li(n.r),n.g=li(n.g),n.b=li(n.b)),this.spaces[r].primaries!==this.spaces[o].primaries&&(n.applyMatrix3(this.spaces[r].toXYZ),n.applyMatrix3(this.spaces[o].fromXYZ)),this.spaces[o].transfer===ce&&(n.r=Ms(n.r),n.g=Ms(n.g),n.b=Ms(n.b))),n},workingToColorSpace:function(n,r){return this.convert(n,this.workingColorSpace,r)},colorSpaceToWorking:function(n,r){return this.convert(n,r,this.workingColorSpace)},getPrimaries:function(n){return this.spaces[n].primaries},getTransfer:function(n){return n===gi?Mr:this.spaces[n].transfer},getToneMappingMode:function(n){return this.spaces[n].outputColorSpaceConfig.toneMappingMode||"standard"},getLuminanceCoefficients:function(n,r=this.workingColorSpace){return n.fromArray(this.spaces[r].luminanceCoefficients)},define:function(n){Object.assign(this.spaces,n)},_getMatrix:function(n,r,o){return n.copy(this.spaces[o].fromXYZ).multiply(this.spaces[r].toXYZ)},_getDrawingBufferColorSpace:function(n){return this.spaces[n].outputColorSpaceConfig.drawingBufferColorSpace},_getUnpackColorSpace:function(n=this.workingColorSpace){return this.spaces[n].workingColorSpaceConfig.unpackColorSpace}},t=[.64,.33,.3,.6,.15,.06],e=[.2126,.7152,.0722],i=[.3127,.329];return s.define({[br]:{primaries:t,whitePoint:i,transfer:Mr,toXYZ:Wu,fromXYZ:qu,luminanceCoefficients:e,workingColorSpaceConfig:{unpackColorSpace:ln},outputColorSpaceConfig:{drawingBufferColorSpace:ln}},[ln]:{primaries:t,whitePoint:i,transfer:ce,toXYZ:Wu,fromXYZ:qu,luminanceCoefficients:e,outputColorSpaceConfig:{drawingBufferColorSpace:ln}}}),s}function li(s){return s<.04045?s*.0773993808:Math.pow(s*.9478672986+.0521327014,2.4)}function Ms(s){return s<.0031308?s*12.92:1.055*Math.pow(s,.41666)-.055}function pc(s){return typeof HTMLImageElement<"u"&&s instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&s instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&s instanceof ImageBitmap?aa.getDataURL(s):s.data?{data:Array.from(s.data),width:s.width,height:s.height,type:s.data.constructor.name}:(Dt("Texture: Unable to serialize Texture."),{})}function _c(s,t,e){return e<0&&(e+=1),e>1&&(e-=1),e<1/6?s+(t-s)*6*e:e<1/2?t:e<2/3?s+(t-s)*6*(2/3-e):s}function Tc(s,t,e,i,n){for(let r=0,o=s.length-3;r<=o;r+=3){qi.fromArray(s,r);let a=n.x*Math.abs(qi.x)+n.y*Math.abs(qi.y)+n.z*Math.abs(qi.z),l=t.dot(qi),c=e.dot(qi),h=i.dot(qi);if(Math.max(-Math.max(l,c,h),Math.min(l,c,h))>a)return!1}return!0}function dg(s,t,e,i,n,r,o,a){let l;if(t.side===$e?l=i.intersectTriangle(o,r,n,!0,a):l=i.intersectTriangle(n,r,o,t.side===Hn,a),l===null)return null;Fo.copy(a),Fo.applyMatrix4(s.matrixWorld);let c=e.ray.origin.distanceTo(Fo);return c<e.near||c>e.far?null:{distance:c,point:Fo.clone(),object:s}}function Oo(s,t,e,i,n,r,o,a,l,c){s.getVertexPosition(a,Lo),s.getVertexPosition(l,Do),s.getVertexPosition(c,No);let h=dg(s,t,e,i,Lo,Do,No,nd);if(h){let u=new R;nn.getBarycoord(nd,Lo,Do,No,u),n&&(h.uv=nn.getInterpolatedAttribute(n,a,l,c,u,new ht)),r&&(h.uv1=nn.getInterpolatedAttribute(r,a,l,c,u,new ht)),o&&(h.normal=nn.getInterpolatedAttribute(o,a,l,c,u,new R),h.normal.dot(i.direction)>0&&h.normal.multiplyScalar(-1));let d={a,b:l,c,normal:new R,materialIndex:0};nn.getNormal(Lo,Do,No,d.normal),h.face=d,h.barycoord=u}return h}function Ic(s,t){return s-t}function pg(s,t){return s.z-t.z}function mg(s,t){return t.z-s.z}function vg(s,t,e=0){let i=t.itemSize;if(s.isInterleavedBufferAttribute||s.array.constructor!==t.array.constructor){let n=s.count;for(let r=0;r<n;r++)for(let o=0;o<i;o++)t.setComponent(r+e,o,s.getComponent(r,o))}else t.array.set(s.array,e*i);t.needsUpdate=!0}function Xn(s,t){if(s.constructor!==t.constructor){let e=Math.min(s.length,t.length);for(let i=0;i<e;i++)t[i]=s[i]}else{let e=Math.min(s.length,t.length);t.set(new s.constructor(s.buffer,0,e))}}function Ho(s,t,e,i,n,r,o){let a=s.geometry.attributes.position;if(ha.fromBufferAttribute(a,n),ua.fromBufferAttribute(a,r),e.distanceSqToSegment(ha,ua,Nc,ad)>i)return;Nc.applyMatrix4(s.matrixWorld);let c=t.ray.origin.distanceTo(Nc);if(!(c<t.near||c>t.far))return{distance:c,point:ad.clone().applyMatrix4(s.matrixWorld),index:o,face:null,faceIndex:null,barycoord:null,object:s}}function ud(s,t,e,i,n,r,o){let a=qc.distanceSqToPoint(s);if(a<e){let l=new R;qc.closestPointToPoint(s,l),l.applyMatrix4(i);let c=n.ray.origin.distanceTo(l);if(c<n.near||c>n.far)return;r.push({distance:c,distanceToRay:Math.sqrt(a),point:l,index:t,face:null,faceIndex:null,barycoord:null,object:o})}}function Eh(){let s=0,t=0,e=0,i=0;function n(r,o,a,l){s=r,t=a,e=-3*r+3*o-2*a-l,i=2*r-2*o+a+l}return{initCatmullRom:function(r,o,a,l,c){n(o,a,c*(a-r),c*(l-o))},initNonuniformCatmullRom:function(r,o,a,l,c,h,u){let d=(o-r)/c-(a-r)/(c+h)+(a-o)/h,f=(a-o)/h-(l-o)/(h+u)+(l-a)/u;d*=h,f*=h,n(o,a,d,f)},calc:function(r){let o=r*r,a=o*r;return s+t*r+e*o+i*a}}}function pd(s,t,e,i,n){let r=(i-t)*.5,o=(n-e)*.5,a=s*s,l=s*a;return(2*e-2*i+r+o)*l+(-3*e+3*i-2*r-o)*a+r*s+e}function Sg(s,t){let e=1-s;return e*e*t}function bg(s,t){return 2*(1-s)*s*t}function Mg(s,t){return s*s*t}function yr(s,t,e,i){return Sg(s,t)+bg(s,e)+Mg(s,i)}function wg(s,t){let e=1-s;return e*e*e*t}function Tg(s,t){let e=1-s;return 3*e*e*s*t}function Eg(s,t){return 3*(1-s)*s*s*t}function Ag(s,t){return s*s*s*t}function vr(s,t,e,i,n){return wg(s,t)+Tg(s,e)+Eg(s,i)+Ag(s,n)}function is(s){let t={};for(let e in s){t[e]={};for(let i in s[e]){let n=s[e][i];if(md(n))n.isRenderTargetTexture?(Dt("UniformsUtils: Textures of render targets cannot be cloned via cloneUniforms() or mergeUniforms()."),t[e][i]=null):t[e][i]=n.clone();else if(Array.isArray(n))if(md(n[0])){let r=[];for(let o=0,a=n.length;o<a;o++)r[o]=n[o].clone();t[e][i]=r}else t[e][i]=n.slice();else t[e][i]=n}}return t}function rn(s){let t={};for(let e=0;e<s.length;e++){let i=is(s[e]);for(let n in i)t[n]=i[n]}return t}function md(s){return s&&(s.isColor||s.isMatrix3||s.isMatrix4||s.isVector2||s.isVector3||s.isVector4||s.isTexture||s.isQuaternion)}function Rg(s){let t=[];for(let e=0;e<s.length;e++)t.push(s[e].clone());return t}function Ah(s){let t=s.getRenderTarget();return t===null?s.outputColorSpace:t.isXRRenderTarget===!0?t.texture.colorSpace:Jt.workingColorSpace}function xs(s,t){return!s||s.constructor===t?s:typeof t.BYTES_PER_ELEMENT=="number"?new t(s):Array.prototype.slice.call(s)}function qo(s){return s!==void 0&&s.inTangents!==void 0&&s.outTangents!==void 0}function ff(s,t,e,i,n){let r=1-s;return r*r*r*t+3*r*r*s*e+3*r*s*s*i+s*s*s*n}function Lg(s,t,e,i,n){let r=1-s;return 3*r*r*(e-t)+6*r*s*(i-e)+3*s*s*(n-i)}function Dg(s,t,e,i,n){let r=(s-t)/(n-t);for(let o=0;o<8;o++){let a=ff(r,t,e,i,n)-s;if(Math.abs(a)<1e-10)break;let l=Lg(r,t,e,i,n);if(Math.abs(l)<1e-10)break;r=Math.max(0,Math.min(1,r-a/l))}return r}function gd(s,t){for(let e=0,i=s.length;e!==i;e+=2)s[e]+=t}function _d(s,t){for(let e=0,i=s.length;e!==i;e+=2)s[e]*=t}function Md(s,t){return s.distance-t.distance}function $c(s,t,e,i){let n=!0;if(s.layers.test(t.layers)&&s.raycast(t,e)===!1&&(n=!1),n===!0&&i===!0){let r=s.children;for(let o=0,a=r.length;o<a;o++)$c(r[o],t,e,!0)}}function Ph(s,t,e,i){let n=Wg(i);switch(e){case ph:return s*t;case gh:return s*t/n.components*n.byteLength;case Zr:return s*t/n.components*n.byteLength;case Li:return s*t*2/n.components*n.byteLength;case Ha:return s*t*2/n.components*n.byteLength;case mh:return s*t*3/n.components*n.byteLength;case wn:return s*t*4/n.components*n.byteLength;case Ga:return s*t*4/n.components*n.byteLength;case Jr:case Kr:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*8;case jr:case Qr:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*16;case qa:case Ya:return Math.max(s,16)*Math.max(t,8)/4;case Wa:case Xa:return Math.max(s,8)*Math.max(t,8)/2;case $a:case Za:case Ka:case ja:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*8;case Ja:case to:case Qa:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*16;case tl:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*16;case el:return Math.floor((s+4)/5)*Math.floor((t+3)/4)*16;case nl:return Math.floor((s+4)/5)*Math.floor((t+4)/5)*16;case il:return Math.floor((s+5)/6)*Math.floor((t+4)/5)*16;case sl:return Math.floor((s+5)/6)*Math.floor((t+5)/6)*16;case rl:return Math.floor((s+7)/8)*Math.floor((t+4)/5)*16;case ol:return Math.floor((s+7)/8)*Math.floor((t+5)/6)*16;case al:return Math.floor((s+7)/8)*Math.floor((t+7)/8)*16;case ll:return Math.floor((s+9)/10)*Math.floor((t+4)/5)*16;case cl:return Math.floor((s+9)/10)*Math.floor((t+5)/6)*16;case hl:return Math.floor((s+9)/10)*Math.floor((t+7)/8)*16;case ul:return Math.floor((s+9)/10)*Math.floor((t+9)/10)*16;case dl:return Math.floor((s+11)/12)*Math.floor((t+9)/10)*16;case fl:return Math.floor((s+11)/12)*Math.floor((t+11)/12)*16;case pl:case ml:case gl:return Math.ceil(s/4)*Math.ceil(t/4)*16;case _l:case xl:return Math.ceil(s/4)*Math.ceil(t/4)*8;case eo:case yl:return Math.ceil(s/4)*Math.ceil(t/4)*16}throw new Error(`Unable to determine texture byte length for ${e} format.`)}function Wg(s){switch(s){case _n:case hh:return{byteLength:1,components:1};case Vs:case uh:case Gn:return{byteLength:2,components:1};case za:case Va:return{byteLength:2,components:4};case Nn:case ka:case Mn:return{byteLength:4,components:1};case dh:case fh:return{byteLength:4,components:3}}throw new Error(`THREE.TextureUtils: Unknown texture type ${s}.`)}var Dn,Ii,Td,Jc,Ed,Yr,Ad,Bs,Hn,$e,fn,Qi,ks,Kc,jc,Qc,Cd,ts,Rd,Pd,Id,Ld,Dd,Nd,Ud,Fd,th,eh,Od,Bd,kd,zd,Vd,Hd,Gd,Wd,qd,Ko,jo,Qo,ws,ta,ea,na,ia,Ua,Xd,Yd,Kn,nh,ih,sh,rh,oh,ah,lh,ch,es,zs,Fa,Oa,sa,$n,ra,Ge,$d,$r,un,Ba,pi,_n,hh,uh,Vs,ka,Nn,Mn,Gn,za,Va,ns,dh,fh,ph,mh,wn,ci,mi,gh,Zr,Li,Ha,Ga,Jr,Kr,jr,Qr,Wa,qa,Xa,Ya,$a,Za,Ja,Ka,ja,to,Qa,tl,el,nl,il,sl,rl,ol,al,ll,cl,hl,ul,dl,fl,pl,ml,gl,_l,xl,eo,yl,Sr,oa,Zo,zc,Vc,Hc,Gc,Zd,vl,Jd,gi,ln,br,Mr,ce,Jo,Kd,jd,Qd,tf,_h,ef,nf,xh,yh,sf,vh,Pn,Ts,Vu,Es,lf,zn,Qe,Hu,_r,As,Th,ht,sn,R,dc,Gu,Vt,fc,Wu,qu,Jt,ls,aa,Km,Cs,jm,mc,gn,be,la,Tn,Tr,ca,kt,cs,On,Qm,tg,Si,bo,Sn,Xu,Yu,hi,Rs,eg,$u,hs,ii,Mo,ur,ng,ig,Zu,Ju,Ku,ju,sg,us,gc,We,hn,rg,Ps,uf,bi,wo,Wt,tn,Er,Bn,si,xc,ri,ds,fs,Qu,yc,vc,Sc,bc,Mc,wc,nn,ie,oi,kn,To,ps,ms,gs,Mi,wi,Wi,dr,Eo,Ao,qi,De,Co,og,we,Ar,Cr,Ne,ag,fr,Ec,Ye,lg,Rn,Ac,_s,bn,pr,He,Te,Cc,cg,hg,Xe,ug,Zn,ai,Rc,Ro,Po,Vn,ui,td,Xi,Io,ed,Lo,Do,No,Pc,Uo,nd,Fo,Ee,Zi,Yi,fg,Bo,di,id,Rr,Wc,mn,gg,_g,xg,ko,$i,Lc,sd,rd,yg,Dc,en,zo,Pr,Ji,ha,ua,od,mr,Vo,Nc,ad,In,ld,cd,Ei,Is,Ls,hd,qc,Go,Wo,Ai,Ir,fi,Lr,Dr,Ds,da,Nr,Ln,Ur,fa,dd,fd,Uc,Fc,Oc,Ki,pa,ma,ga,_a,xa,Fr,ya,Cg,Or,Ns,df,Pg,Ig,Jn,va,Br,Sa,ba,ji,Ci,Ma,wa,Ta,Ea,En,Ri,Aa,Ca,Ra,kr,Pi,Pa,Ia,pf,La,Us,zr,Bc,xd,yd,Da,Xo,Yo,Yn,Vr,Ti,vd,Sd,cn,Hr,Xc,Gr,Wr,ys,vs,Fs,Na,Ch,Ng,Rh,Ug,Fg,Og,Bg,kg,zg,Vg,Yc,Se,TS,bd,qr,Os,Zc,wd,$o,Ss,bs,kc,Hg,Gg,dn,Xr,Ih=It(()=>{Dn={LEFT:0,MIDDLE:1,RIGHT:2,ROTATE:0,DOLLY:1,PAN:2},Ii={ROTATE:0,PAN:1,DOLLY_PAN:2,DOLLY_ROTATE:3},Td=0,Jc=1,Ed=2,Yr=1,Ad=2,Bs=3,Hn=0,$e=1,fn=2,Qi=0,ks=1,Kc=2,jc=3,Qc=4,Cd=5,ts=100,Rd=101,Pd=102,Id=103,Ld=104,Dd=200,Nd=201,Ud=202,Fd=203,th=204,eh=205,Od=206,Bd=207,kd=208,zd=209,Vd=210,Hd=211,Gd=212,Wd=213,qd=214,Ko=0,jo=1,Qo=2,ws=3,ta=4,ea=5,na=6,ia=7,Ua=0,Xd=1,Yd=2,Kn=0,nh=1,ih=2,sh=3,rh=4,oh=5,ah=6,lh=7,ch=300,es=301,zs=302,Fa=303,Oa=304,sa=1e3,$n=1001,ra=1002,Ge=1003,$d=1004,$r=1005,un=1006,Ba=1007,pi=1008,_n=1009,hh=1010,uh=1011,Vs=1012,ka=1013,Nn=1014,Mn=1015,Gn=1016,za=1017,Va=1018,ns=1020,dh=35902,fh=35899,ph=1021,mh=1022,wn=1023,ci=1026,mi=1027,gh=1028,Zr=1029,Li=1030,Ha=1031,Ga=1033,Jr=33776,Kr=33777,jr=33778,Qr=33779,Wa=35840,qa=35841,Xa=35842,Ya=35843,$a=36196,Za=37492,Ja=37496,Ka=37488,ja=37489,to=37490,Qa=37491,tl=37808,el=37809,nl=37810,il=37811,sl=37812,rl=37813,ol=37814,al=37815,ll=37816,cl=37817,hl=37818,ul=37819,dl=37820,fl=37821,pl=36492,ml=36494,gl=36495,_l=36283,xl=36284,eo=36285,yl=36286,Sr=2300,oa=2301,Zo=2302,zc=2303,Vc=2400,Hc=2401,Gc=2402,Zd=3200,vl=0,Jd=1,gi="",ln="srgb",br="srgb-linear",Mr="linear",ce="srgb",Jo=7680,Kd=519,jd=512,Qd=513,tf=514,_h=515,ef=516,nf=517,xh=518,yh=519,sf=35044,vh="300 es",Pn=2e3,Ts=2001;Vu={},Es=null;lf={[Ko]:Ko,[Qo]:na,[ta]:ta,[ws]:ea,[jo]:jo,[na]:Qo,[ia]:ia,[ea]:ws},zn=class{addEventListener(t,e){this._listeners===void 0&&(this._listeners={});let i=this._listeners;i[t]===void 0&&(i[t]=[]),i[t].indexOf(e)===-1&&i[t].push(e)}hasEventListener(t,e){let i=this._listeners;return i===void 0?!1:i[t]!==void 0&&i[t].indexOf(e)!==-1}removeEventListener(t,e){let i=this._listeners;if(i===void 0)return;let n=i[t];if(n!==void 0){let r=n.indexOf(e);r!==-1&&n.splice(r,1)}}dispatchEvent(t){let e=this._listeners;if(e===void 0)return;let i=e[t.type];if(i!==void 0){t.target=this;let n=i.slice(0);for(let r=0,o=n.length;r<o;r++)n[r].call(this,t);t.target=null}}},Qe=["00","01","02","03","04","05","06","07","08","09","0a","0b","0c","0d","0e","0f","10","11","12","13","14","15","16","17","18","19","1a","1b","1c","1d","1e","1f","20","21","22","23","24","25","26","27","28","29","2a","2b","2c","2d","2e","2f","30","31","32","33","34","35","36","37","38","39","3a","3b","3c","3d","3e","3f","40","41","42","43","44","45","46","47","48","49","4a","4b","4c","4d","4e","4f","50","51","52","53","54","55","56","57","58","59","5a","5b","5c","5d","5e","5f","60","61","62","63","64","65","66","67","68","69","6a","6b","6c","6d","6e","6f","70","71","72","73","74","75","76","77","78","79","7a","7b","7c","7d","7e","7f","80","81","82","83","84","85","86","87","88","89","8a","8b","8c","8d","8e","8f","90","91","92","93","94","95","96","97","98","99","9a","9b","9c","9d","9e","9f","a0","a1","a2","a3","a4","a5","a6","a7","a8","a9","aa","ab","ac","ad","ae","af","b0","b1","b2","b3","b4","b5","b6","b7","b8","b9","ba","bb","bc","bd","be","bf","c0","c1","c2","c3","c4","c5","c6","c7","c8","c9","ca","cb","cc","cd","ce","cf","d0","d1","d2","d3","d4","d5","d6","d7","d8","d9","da","db","dc","dd","de","df","e0","e1","e2","e3","e4","e5","e6","e7","e8","e9","ea","eb","ec","ed","ee","ef","f0","f1","f2","f3","f4","f5","f6","f7","f8","f9","fa","fb","fc","fd","fe","ff"],Hu=1234567,_r=Math.PI/180,As=180/Math.PI;Th={DEG2RAD:_r,RAD2DEG:As,generateUUID:Hs,clamp:zt,euclideanModulo:bh,mapLinear:Um,inverseLerp:Fm,lerp:xr,damp:Om,pingpong:Bm,smoothstep:km,smootherstep:zm,randInt:Vm,randFloat:Hm,randFloatSpread:Gm,seededRandom:Wm,degToRad:qm,radToDeg:Xm,isPowerOfTwo:Ym,ceilPowerOfTwo:$m,floorPowerOfTwo:Mh,setQuaternionFromProperEuler:Zm,normalize:hf,denormalize:cf},ht=class{static{this.prototype.isVector2=!0}constructor(t=0,e=0){this.x=t,this.y=e}get width(){return this.x}set width(t){this.x=t}get height(){return this.y}set height(t){this.y=t}set(t,e){return this.x=t,this.y=e,this}setScalar(t){return this.x=t,this.y=t,this}setX(t){return this.x=t,this}setY(t){return this.y=t,this}setComponent(t,e){switch(t){case 0:this.x=e;break;case 1:this.y=e;break;default:throw new Error("THREE.Vector2: index is out of range: "+t)}return this}getComponent(t){switch(t){case 0:return this.x;case 1:return this.y;default:throw new Error("THREE.Vector2: index is out of range: "+t)}}clone(){return new this.constructor(this.x,this.y)}copy(t){return this.x=t.x,this.y=t.y,this}add(t){return this.x+=t.x,this.y+=t.y,this}addScalar(t){return this.x+=t,this.y+=t,this}addVectors(t,e){return this.x=t.x+e.x,this.y=t.y+e.y,this}addScaledVector(t,e){return this.x+=t.x*e,this.y+=t.y*e,this}sub(t){return this.x-=t.x,this.y-=t.y,this}subScalar(t){return this.x-=t,this.y-=t,this}subVectors(t,e){return this.x=t.x-e.x,this.y=t.y-e.y,this}multiply(t){return this.x*=t.x,this.y*=t.y,this}multiplyScalar(t){return this.x*=t,this.y*=t,this}divide(t){return this.x/=t.x,this.y/=t.y,this}divideScalar(t){return this.multiplyScalar(1/t)}applyMatrix3(t){let e=this.x,i=this.y,n=t.elements;return this.x=n[0]*e+n[3]*i+n[6],this.y=n[1]*e+n[4]*i+n[7],this}min(t){return this.x=Math.min(this.x,t.x),this.y=Math.min(this.y,t.y),this}max(t){return this.x=Math.max(this.x,t.x),this.y=Math.max(this.y,t.y),this}clamp(t,e){return this.x=zt(this.x,t.x,e.x),this.y=zt(this.y,t.y,e.y),this}clampScalar(t,e){return this.x=zt(this.x,t,e),this.y=zt(this.y,t,e),this}clampLength(t,e){let i=this.length();return this.divideScalar(i||1).multiplyScalar(zt(i,t,e))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this}negate(){return this.x=-this.x,this.y=-this.y,this}dot(t){return this.x*t.x+this.y*t.y}cross(t){return this.x*t.y-this.y*t.x}lengthSq(){return this.x*this.x+this.y*this.y}length(){return Math.sqrt(this.x*this.x+this.y*this.y)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)}normalize(){return this.divideScalar(this.length()||1)}angle(){return Math.atan2(-this.y,-this.x)+Math.PI}angleTo(t){let e=Math.sqrt(this.lengthSq()*t.lengthSq());if(e===0)return Math.PI/2;let i=this.dot(t)/e;return Math.acos(zt(i,-1,1))}distanceTo(t){return Math.sqrt(this.distanceToSquared(t))}distanceToSquared(t){let e=this.x-t.x,i=this.y-t.y;return e*e+i*i}manhattanDistanceTo(t){return Math.abs(this.x-t.x)+Math.abs(this.y-t.y)}setLength(t){return this.normalize().multiplyScalar(t)}lerp(t,e){return this.x+=(t.x-this.x)*e,this.y+=(t.y-this.y)*e,this}lerpVectors(t,e,i){return this.x=t.x+(e.x-t.x)*i,this.y=t.y+(e.y-t.y)*i,this}equals(t){return t.x===this.x&&t.y===this.y}fromArray(t,e=0){return this.x=t[e],this.y=t[e+1],this}toArray(t=[],e=0){return t[e]=this.x,t[e+1]=this.y,t}fromBufferAttribute(t,e){return this.x=t.getX(e),this.y=t.getY(e),this}rotateAround(t,e){let i=Math.cos(e),n=Math.sin(e),r=this.x-t.x,o=this.y-t.y;return this.x=r*i-o*n+t.x,this.y=r*n+o*i+t.y,this}random(){return this.x=Math.random(),this.y=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y}},sn=class{constructor(t=0,e=0,i=0,n=1){this.isQuaternion=!0,this._x=t,this._y=e,this._z=i,this._w=n}static slerpFlat(t,e,i,n,r,o,a){let l=i[n+0],c=i[n+1],h=i[n+2],u=i[n+3],d=r[o+0],f=r[o+1],m=r[o+2],y=r[o+3];if(u!==y||l!==d||c!==f||h!==m){let p=l*d+c*f+h*m+u*y;p<0&&(d=-d,f=-f,m=-m,y=-y,p=-p);let _=1-a;if(p<.9995){let x=Math.acos(p),S=Math.sin(x);_=Math.sin(_*x)/S,a=Math.sin(a*x)/S,l=l*_+d*a,c=c*_+f*a,h=h*_+m*a,u=u*_+y*a}else{l=l*_+d*a,c=c*_+f*a,h=h*_+m*a,u=u*_+y*a;let x=1/Math.sqrt(l*l+c*c+h*h+u*u);l*=x,c*=x,h*=x,u*=x}}t[e]=l,t[e+1]=c,t[e+2]=h,t[e+3]=u}static multiplyQuaternionsFlat(t,e,i,n,r,o){let a=i[n],l=i[n+1],c=i[n+2],h=i[n+3],u=r[o],d=r[o+1],f=r[o+2],m=r[o+3];return t[e]=a*m+h*u+l*f-c*d,t[e+1]=l*m+h*d+c*u-a*f,t[e+2]=c*m+h*f+a*d-l*u,t[e+3]=h*m-a*u-l*d-c*f,t}get x(){return this._x}set x(t){this._x=t,this._onChangeCallback()}get y(){return this._y}set y(t){this._y=t,this._onChangeCallback()}get z(){return this._z}set z(t){this._z=t,this._onChangeCallback()}get w(){return this._w}set w(t){this._w=t,this._onChangeCallback()}set(t,e,i,n){return this._x=t,this._y=e,this._z=i,this._w=n,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._w)}copy(t){return this._x=t.x,this._y=t.y,this._z=t.z,this._w=t.w,this._onChangeCallback(),this}setFromEuler(t,e=!0){let i=t._x,n=t._y,r=t._z,o=t._order,a=Math.cos,l=Math.sin,c=a(i/2),h=a(n/2),u=a(r/2),d=l(i/2),f=l(n/2),m=l(r/2);switch(o){case"XYZ":this._x=d*h*u+c*f*m,this._y=c*f*u-d*h*m,this._z=c*h*m+d*f*u,this._w=c*h*u-d*f*m;break;case"YXZ":this._x=d*h*u+c*f*m,this._y=c*f*u-d*h*m,this._z=c*h*m-d*f*u,this._w=c*h*u+d*f*m;break;case"ZXY":this._x=d*h*u-c*f*m,this._y=c*f*u+d*h*m,this._z=c*h*m+d*f*u,this._w=c*h*u-d*f*m;break;case"ZYX":this._x=d*h*u-c*f*m,this._y=c*f*u+d*h*m,this._z=c*h*m-d*f*u,this._w=c*h*u+d*f*m;break;case"YZX":this._x=d*h*u+c*f*m,this._y=c*f*u+d*h*m,this._z=c*h*m-d*f*u,this._w=c*h*u-d*f*m;break;case"XZY":this._x=d*h*u-c*f*m,this._y=c*f*u-d*h*m,this._z=c*h*m+d*f*u,this._w=c*h*u+d*f*m;break;default:Dt("Quaternion: .setFromEuler() encountered an unknown order: "+o)}return e===!0&&this._onChangeCallback(),this}setFromAxisAngle(t,e){let i=e/2,n=Math.sin(i);return this._x=t.x*n,this._y=t.y*n,this._z=t.z*n,this._w=Math.cos(i),this._onChangeCallback(),this}setFromRotationMatrix(t){let e=t.elements,i=e[0],n=e[4],r=e[8],o=e[1],a=e[5],l=e[9],c=e[2],h=e[6],u=e[10],d=i+a+u;if(d>0){let f=.5/Math.sqrt(d+1);this._w=.25/f,this._x=(h-l)*f,this._y=(r-c)*f,this._z=(o-n)*f}else if(i>a&&i>u){let f=2*Math.sqrt(1+i-a-u);this._w=(h-l)/f,this._x=.25*f,this._y=(n+o)/f,this._z=(r+c)/f}else if(a>u){let f=2*Math.sqrt(1+a-i-u);this._w=(r-c)/f,this._x=(n+o)/f,this._y=.25*f,this._z=(l+h)/f}else{let f=2*Math.sqrt(1+u-i-a);this._w=(o-n)/f,this._x=(r+c)/f,this._y=(l+h)/f,this._z=.25*f}return this._onChangeCallback(),this}setFromUnitVectors(t,e){let i=t.dot(e)+1;return i<1e-8?(i=0,Math.abs(t.x)>Math.abs(t.z)?(this._x=-t.y,this._y=t.x,this._z=0,this._w=i):(this._x=0,this._y=-t.z,this._z=t.y,this._w=i)):(this._x=t.y*e.z-t.z*e.y,this._y=t.z*e.x-t.x*e.z,this._z=t.x*e.y-t.y*e.x,this._w=i),this.normalize()}angleTo(t){return 2*Math.acos(Math.abs(zt(this.dot(t),-1,1)))}rotateTowards(t,e){let i=this.angleTo(t);if(i===0)return this;let n=Math.min(1,e/i);return this.slerp(t,n),this}identity(){return this.set(0,0,0,1)}invert(){return this.conjugate()}conjugate(){return this._x*=-1,this._y*=-1,this._z*=-1,this._onChangeCallback(),this}dot(t){return this._x*t._x+this._y*t._y+this._z*t._z+this._w*t._w}lengthSq(){return this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w}length(){return Math.sqrt(this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w)}normalize(){let t=this.length();return t===0?(this._x=0,this._y=0,this._z=0,this._w=1):(t=1/t,this._x=this._x*t,this._y=this._y*t,this._z=this._z*t,this._w=this._w*t),this._onChangeCallback(),this}multiply(t){return this.multiplyQuaternions(this,t)}premultiply(t){return this.multiplyQuaternions(t,this)}multiplyQuaternions(t,e){let i=t._x,n=t._y,r=t._z,o=t._w,a=e._x,l=e._y,c=e._z,h=e._w;return this._x=i*h+o*a+n*c-r*l,this._y=n*h+o*l+r*a-i*c,this._z=r*h+o*c+i*l-n*a,this._w=o*h-i*a-n*l-r*c,this._onChangeCallback(),this}slerp(t,e){let i=t._x,n=t._y,r=t._z,o=t._w,a=this.dot(t);a<0&&(i=-i,n=-n,r=-r,o=-o,a=-a);let l=1-e;if(a<.9995){let c=Math.acos(a),h=Math.sin(c);l=Math.sin(l*c)/h,e=Math.sin(e*c)/h,this._x=this._x*l+i*e,this._y=this._y*l+n*e,this._z=this._z*l+r*e,this._w=this._w*l+o*e,this._onChangeCallback()}else this._x=this._x*l+i*e,this._y=this._y*l+n*e,this._z=this._z*l+r*e,this._w=this._w*l+o*e,this.normalize();return this}slerpQuaternions(t,e,i){return this.copy(t).slerp(e,i)}random(){let t=2*Math.PI*Math.random(),e=2*Math.PI*Math.random(),i=Math.random(),n=Math.sqrt(1-i),r=Math.sqrt(i);return this.set(n*Math.sin(t),n*Math.cos(t),r*Math.sin(e),r*Math.cos(e))}equals(t){return t._x===this._x&&t._y===this._y&&t._z===this._z&&t._w===this._w}fromArray(t,e=0){return this._x=t[e],this._y=t[e+1],this._z=t[e+2],this._w=t[e+3],this._onChangeCallback(),this}toArray(t=[],e=0){return t[e]=this._x,t[e+1]=this._y,t[e+2]=this._z,t[e+3]=this._w,t}fromBufferAttribute(t,e){return this._x=t.getX(e),this._y=t.getY(e),this._z=t.getZ(e),this._w=t.getW(e),this._onChangeCallback(),this}toJSON(){return this.toArray()}_onChange(t){return this._onChangeCallback=t,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._w}},R=class{static{this.prototype.isVector3=!0}constructor(t=0,e=0,i=0){this.x=t,this.y=e,this.z=i}set(t,e,i){return i===void 0&&(i=this.z),this.x=t,this.y=e,this.z=i,this}setScalar(t){return this.x=t,this.y=t,this.z=t,this}setX(t){return this.x=t,this}setY(t){return this.y=t,this}setZ(t){return this.z=t,this}setComponent(t,e){switch(t){case 0:this.x=e;break;case 1:this.y=e;break;case 2:this.z=e;break;default:throw new Error("THREE.Vector3: index is out of range: "+t)}return this}getComponent(t){switch(t){case 0:return this.x;case 1:return this.y;case 2:return this.z;default:throw new Error("THREE.Vector3: index is out of range: "+t)}}clone(){return new this.constructor(this.x,this.y,this.z)}copy(t){return this.x=t.x,this.y=t.y,this.z=t.z,this}add(t){return this.x+=t.x,this.y+=t.y,this.z+=t.z,this}addScalar(t){return this.x+=t,this.y+=t,this.z+=t,this}addVectors(t,e){return this.x=t.x+e.x,this.y=t.y+e.y,this.z=t.z+e.z,this}addScaledVector(t,e){return this.x+=t.x*e,this.y+=t.y*e,this.z+=t.z*e,this}sub(t){return this.x-=t.x,this.y-=t.y,this.z-=t.z,this}subScalar(t){return this.x-=t,this.y-=t,this.z-=t,this}subVectors(t,e){return this.x=t.x-e.x,this.y=t.y-e.y,this.z=t.z-e.z,this}multiply(t){return this.x*=t.x,this.y*=t.y,this.z*=t.z,this}multiplyScalar(t){return this.x*=t,this.y*=t,this.z*=t,this}multiplyVectors(t,e){return this.x=t.x*e.x,this.y=t.y*e.y,this.z=t.z*e.z,this}applyEuler(t){return this.applyQuaternion(Gu.setFromEuler(t))}applyAxisAngle(t,e){return this.applyQuaternion(Gu.setFromAxisAngle(t,e))}applyMatrix3(t){let e=this.x,i=this.y,n=this.z,r=t.elements;return this.x=r[0]*e+r[3]*i+r[6]*n,this.y=r[1]*e+r[4]*i+r[7]*n,this.z=r[2]*e+r[5]*i+r[8]*n,this}applyNormalMatrix(t){return this.applyMatrix3(t).normalize()}applyMatrix4(t){let e=this.x,i=this.y,n=this.z,r=t.elements,o=1/(r[3]*e+r[7]*i+r[11]*n+r[15]);return this.x=(r[0]*e+r[4]*i+r[8]*n+r[12])*o,this.y=(r[1]*e+r[5]*i+r[9]*n+r[13])*o,this.z=(r[2]*e+r[6]*i+r[10]*n+r[14])*o,this}applyQuaternion(t){let e=this.x,i=this.y,n=this.z,r=t.x,o=t.y,a=t.z,l=t.w,c=2*(o*n-a*i),h=2*(a*e-r*n),u=2*(r*i-o*e);return this.x=e+l*c+o*u-a*h,this.y=i+l*h+a*c-r*u,this.z=n+l*u+r*h-o*c,this}project(t){return this.applyMatrix4(t.matrixWorldInverse).applyMatrix4(t.projectionMatrix)}unproject(t){return this.applyMatrix4(t.projectionMatrixInverse).applyMatrix4(t.matrixWorld)}transformDirection(t){let e=this.x,i=this.y,n=this.z,r=t.elements;return this.x=r[0]*e+r[4]*i+r[8]*n,this.y=r[1]*e+r[5]*i+r[9]*n,this.z=r[2]*e+r[6]*i+r[10]*n,this.normalize()}divide(t){return this.x/=t.x,this.y/=t.y,this.z/=t.z,this}divideScalar(t){return this.multiplyScalar(1/t)}min(t){return this.x=Math.min(this.x,t.x),this.y=Math.min(this.y,t.y),this.z=Math.min(this.z,t.z),this}max(t){return this.x=Math.max(this.x,t.x),this.y=Math.max(this.y,t.y),this.z=Math.max(this.z,t.z),this}clamp(t,e){return this.x=zt(this.x,t.x,e.x),this.y=zt(this.y,t.y,e.y),this.z=zt(this.z,t.z,e.z),this}clampScalar(t,e){return this.x=zt(this.x,t,e),this.y=zt(this.y,t,e),this.z=zt(this.z,t,e),this}clampLength(t,e){let i=this.length();return this.divideScalar(i||1).multiplyScalar(zt(i,t,e))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this}dot(t){return this.x*t.x+this.y*t.y+this.z*t.z}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)}normalize(){return this.divideScalar(this.length()||1)}setLength(t){return this.normalize().multiplyScalar(t)}lerp(t,e){return this.x+=(t.x-this.x)*e,this.y+=(t.y-this.y)*e,this.z+=(t.z-this.z)*e,this}lerpVectors(t,e,i){return this.x=t.x+(e.x-t.x)*i,this.y=t.y+(e.y-t.y)*i,this.z=t.z+(e.z-t.z)*i,this}cross(t){return this.crossVectors(this,t)}crossVectors(t,e){let i=t.x,n=t.y,r=t.z,o=e.x,a=e.y,l=e.z;return this.x=n*l-r*a,this.y=r*o-i*l,this.z=i*a-n*o,this}projectOnVector(t){let e=t.lengthSq();if(e===0)return this.set(0,0,0);let i=t.dot(this)/e;return this.copy(t).multiplyScalar(i)}projectOnPlane(t){return dc.copy(this).projectOnVector(t),this.sub(dc)}reflect(t){return this.sub(dc.copy(t).multiplyScalar(2*this.dot(t)))}angleTo(t){let e=Math.sqrt(this.lengthSq()*t.lengthSq());if(e===0)return Math.PI/2;let i=this.dot(t)/e;return Math.acos(zt(i,-1,1))}distanceTo(t){return Math.sqrt(this.distanceToSquared(t))}distanceToSquared(t){let e=this.x-t.x,i=this.y-t.y,n=this.z-t.z;return e*e+i*i+n*n}manhattanDistanceTo(t){return Math.abs(this.x-t.x)+Math.abs(this.y-t.y)+Math.abs(this.z-t.z)}setFromSpherical(t){return this.setFromSphericalCoords(t.radius,t.phi,t.theta)}setFromSphericalCoords(t,e,i){let n=Math.sin(e)*t;return this.x=n*Math.sin(i),this.y=Math.cos(e)*t,this.z=n*Math.cos(i),this}setFromCylindrical(t){return this.setFromCylindricalCoords(t.radius,t.theta,t.y)}setFromCylindricalCoords(t,e,i){return this.x=t*Math.sin(e),this.y=i,this.z=t*Math.cos(e),this}setFromMatrixPosition(t){let e=t.elements;return this.x=e[12],this.y=e[13],this.z=e[14],this}setFromMatrixScale(t){let e=this.setFromMatrixColumn(t,0).length(),i=this.setFromMatrixColumn(t,1).length(),n=this.setFromMatrixColumn(t,2).length();return this.x=e,this.y=i,this.z=n,this}setFromMatrixColumn(t,e){return this.fromArray(t.elements,e*4)}setFromMatrix3Column(t,e){return this.fromArray(t.elements,e*3)}setFromEuler(t){return this.x=t._x,this.y=t._y,this.z=t._z,this}setFromColor(t){return this.x=t.r,this.y=t.g,this.z=t.b,this}equals(t){return t.x===this.x&&t.y===this.y&&t.z===this.z}fromArray(t,e=0){return this.x=t[e],this.y=t[e+1],this.z=t[e+2],this}toArray(t=[],e=0){return t[e]=this.x,t[e+1]=this.y,t[e+2]=this.z,t}fromBufferAttribute(t,e){return this.x=t.getX(e),this.y=t.getY(e),this.z=t.getZ(e),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this}randomDirection(){let t=Math.random()*Math.PI*2,e=Math.random()*2-1,i=Math.sqrt(1-e*e);return this.x=i*Math.cos(t),this.y=e,this.z=i*Math.sin(t),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z}},dc=new R,Gu=new sn,Vt=class{static{this.prototype.isMatrix3=!0}constructor(t,e,i,n,r,o,a,l,c){this.elements=[1,0,0,0,1,0,0,0,1],t!==void 0&&this.set(t,e,i,n,r,o,a,l,c)}set(t,e,i,n,r,o,a,l,c){let h=this.elements;return h[0]=t,h[1]=n,h[2]=a,h[3]=e,h[4]=r,h[5]=l,h[6]=i,h[7]=o,h[8]=c,this}identity(){return this.set(1,0,0,0,1,0,0,0,1),this}copy(t){let e=this.elements,i=t.elements;return e[0]=i[0],e[1]=i[1],e[2]=i[2],e[3]=i[3],e[4]=i[4],e[5]=i[5],e[6]=i[6],e[7]=i[7],e[8]=i[8],this}extractBasis(t,e,i){return t.setFromMatrix3Column(this,0),e.setFromMatrix3Column(this,1),i.setFromMatrix3Column(this,2),this}setFromMatrix4(t){let e=t.elements;return this.set(e[0],e[4],e[8],e[1],e[5],e[9],e[2],e[6],e[10]),this}multiply(t){return this.multiplyMatrices(this,t)}premultiply(t){return this.multiplyMatrices(t,this)}multiplyMatrices(t,e){let i=t.elements,n=e.elements,r=this.elements,o=i[0],a=i[3],l=i[6],c=i[1],h=i[4],u=i[7],d=i[2],f=i[5],m=i[8],y=n[0],p=n[3],_=n[6],x=n[1],S=n[4],v=n[7],M=n[2],w=n[5],g=n[8];return r[0]=o*y+a*x+l*M,r[3]=o*p+a*S+l*w,r[6]=o*_+a*v+l*g,r[1]=c*y+h*x+u*M,r[4]=c*p+h*S+u*w,r[7]=c*_+h*v+u*g,r[2]=d*y+f*x+m*M,r[5]=d*p+f*S+m*w,r[8]=d*_+f*v+m*g,this}multiplyScalar(t){let e=this.elements;return e[0]*=t,e[3]*=t,e[6]*=t,e[1]*=t,e[4]*=t,e[7]*=t,e[2]*=t,e[5]*=t,e[8]*=t,this}determinant(){let t=this.elements,e=t[0],i=t[1],n=t[2],r=t[3],o=t[4],a=t[5],l=t[6],c=t[7],h=t[8];return e*o*h-e*a*c-i*r*h+i*a*l+n*r*c-n*o*l}invert(){let t=this.elements,e=t[0],i=t[1],n=t[2],r=t[3],o=t[4],a=t[5],l=t[6],c=t[7],h=t[8],u=h*o-a*c,d=a*l-h*r,f=c*r-o*l,m=e*u+i*d+n*f;if(m===0)return this.set(0,0,0,0,0,0,0,0,0);let y=1/m;return t[0]=u*y,t[1]=(n*c-h*i)*y,t[2]=(a*i-n*o)*y,t[3]=d*y,t[4]=(h*e-n*l)*y,t[5]=(n*r-a*e)*y,t[6]=f*y,t[7]=(i*l-c*e)*y,t[8]=(o*e-i*r)*y,this}transpose(){let t,e=this.elements;return t=e[1],e[1]=e[3],e[3]=t,t=e[2],e[2]=e[6],e[6]=t,t=e[5],e[5]=e[7],e[7]=t,this}getNormalMatrix(t){return this.setFromMatrix4(t).invert().transpose()}transposeIntoArray(t){let e=this.elements;return t[0]=e[0],t[1]=e[3],t[2]=e[6],t[3]=e[1],t[4]=e[4],t[5]=e[7],t[6]=e[2],t[7]=e[5],t[8]=e[8],this}setUvTransform(t,e,i,n,r,o,a){let l=Math.cos(r),c=Math.sin(r);return this.set(i*l,i*c,-i*(l*o+c*a)+o+t,-n*c,n*l,-n*(-c*o+l*a)+a+e,0,0,1),this}scale(t,e){return gr("Matrix3: .scale() is deprecated. Use .makeScale() instead."),this.premultiply(fc.makeScale(t,e)),this}rotate(t){return gr("Matrix3: .rotate() is deprecated. Use .makeRotation() instead."),this.premultiply(fc.makeRotation(-t)),this}translate(t,e){return gr("Matrix3: .translate() is deprecated. Use .makeTranslation() instead."),this.premultiply(fc.makeTranslation(t,e)),this}makeTranslation(t,e){return t.isVector2?this.set(1,0,t.x,0,1,t.y,0,0,1):this.set(1,0,t,0,1,e,0,0,1),this}makeRotation(t){let e=Math.cos(t),i=Math.sin(t);return this.set(e,-i,0,i,e,0,0,0,1),this}makeScale(t,e){return this.set(t,0,0,0,e,0,0,0,1),this}equals(t){let e=this.elements,i=t.elements;for(let n=0;n<9;n++)if(e[n]!==i[n])return!1;return!0}fromArray(t,e=0){for(let i=0;i<9;i++)this.elements[i]=t[i+e];return this}toArray(t=[],e=0){let i=this.elements;return t[e]=i[0],t[e+1]=i[1],t[e+2]=i[2],t[e+3]=i[3],t[e+4]=i[4],t[e+5]=i[5],t[e+6]=i[6],t[e+7]=i[7],t[e+8]=i[8],t}clone(){return new this.constructor().fromArray(this.elements)}},fc=new Vt,Wu=new Vt().set(.4123908,.3575843,.1804808,.212639,.7151687,.0721923,.0193308,.1191948,.9505322),qu=new Vt().set(3.2409699,-1.5373832,-.4986108,-.9692436,1.8759675,.0415551,.0556301,-.203977,1.0569715);Jt=Jm();aa=class{static getDataURL(t,e="image/png"){if(/^data:/i.test(t.src)||typeof HTMLCanvasElement>"u")return t.src;let i;if(t instanceof HTMLCanvasElement)i=t;else{ls===void 0&&(ls=wr("canvas")),ls.width=t.width,ls.height=t.height;let n=ls.getContext("2d");t instanceof ImageData?n.putImageData(t,0,0):n.drawImage(t,0,0,t.width,t.height),i=ls}return i.toDataURL(e)}static sRGBToLinear(t){if(typeof HTMLImageElement<"u"&&t instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&t instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&t instanceof ImageBitmap){let e=wr("canvas");e.width=t.width,e.height=t.height;let i=e.getContext("2d");i.drawImage(t,0,0,t.width,t.height);let n=i.getImageData(0,0,t.width,t.height),r=n.data;for(let o=0;o<r.length;o++)r[o]=li(r[o]/255)*255;return i.putImageData(n,0,0),e}else if(t.data){let e=t.data.slice(0);for(let i=0;i<e.length;i++)e instanceof Uint8Array||e instanceof Uint8ClampedArray?e[i]=Math.floor(li(e[i]/255)*255):e[i]=li(e[i]);return{data:e,width:t.width,height:t.height}}else return Dt("ImageUtils.sRGBToLinear(): Unsupported image type. No color space conversion applied."),t}},Km=0,Cs=class{constructor(t=null){this.isTextureSource=!0,Object.defineProperty(this,"id",{value:Km++}),this.uuid=Hs(),this.data=t,this.dataReady=!0,this.version=0}getSize(t){let e=this.data;return typeof HTMLVideoElement<"u"&&e instanceof HTMLVideoElement?t.set(e.videoWidth,e.videoHeight,0):typeof VideoFrame<"u"&&e instanceof VideoFrame?t.set(e.displayWidth,e.displayHeight,0):e!==null?t.set(e.width||0,e.height||0,e.depth||0):t.set(0,0,0),t}set needsUpdate(t){t===!0&&this.version++}toJSON(t){let e=t===void 0||typeof t=="string";if(!e&&t.images[this.uuid]!==void 0)return t.images[this.uuid];let i={uuid:this.uuid,url:""},n=this.data;if(n!==null){let r;if(Array.isArray(n)){r=[];for(let o=0,a=n.length;o<a;o++)n[o].isDataTexture?r.push(pc(n[o].image)):r.push(pc(n[o]))}else r=pc(n);i.url=r}return e||(t.images[this.uuid]=i),i}};jm=0,mc=new R,gn=class s extends zn{constructor(t=s.DEFAULT_IMAGE,e=s.DEFAULT_MAPPING,i=$n,n=$n,r=un,o=pi,a=wn,l=_n,c=s.DEFAULT_ANISOTROPY,h=gi){super(),this.isTexture=!0,Object.defineProperty(this,"id",{value:jm++}),this.uuid=Hs(),this.name="",this.source=new Cs(t),this.mipmaps=[],this.mapping=e,this.channel=0,this.wrapS=i,this.wrapT=n,this.magFilter=r,this.minFilter=o,this.anisotropy=c,this.format=a,this.internalFormat=null,this.type=l,this.offset=new ht(0,0),this.repeat=new ht(1,1),this.center=new ht(0,0),this.rotation=0,this.matrixAutoUpdate=!0,this.matrix=new Vt,this.generateMipmaps=!0,this.mipmapsAutoUpdate=!0,this.premultiplyAlpha=!1,this.flipY=!0,this.unpackAlignment=4,this.colorSpace=h,this.userData={},this.updateRanges=[],this.version=0,this.onUpdate=null,this.renderTarget=null,this.isRenderTargetTexture=!1,this.isArrayTexture=!!(t&&t.depth&&t.depth>1),this.pmremVersion=0,this.isPMREMTexture=!1,this.normalized=!1}get width(){return this.source.getSize(mc).x}get height(){return this.source.getSize(mc).y}get depth(){return this.source.getSize(mc).z}get image(){return this.source.data}set image(t){this.source.data=t}updateMatrix(){this.matrix.setUvTransform(this.offset.x,this.offset.y,this.repeat.x,this.repeat.y,this.rotation,this.center.x,this.center.y)}addUpdateRange(t,e){this.updateRanges.push({start:t,count:e})}clearUpdateRanges(){this.updateRanges.length=0}clone(){return new this.constructor().copy(this)}copy(t){return this.name=t.name,this.source=t.source,this.mipmaps=t.mipmaps.slice(0),this.mapping=t.mapping,this.channel=t.channel,this.wrapS=t.wrapS,this.wrapT=t.wrapT,this.magFilter=t.magFilter,this.minFilter=t.minFilter,this.anisotropy=t.anisotropy,this.format=t.format,this.internalFormat=t.internalFormat,this.type=t.type,this.normalized=t.normalized,this.offset.copy(t.offset),this.repeat.copy(t.repeat),this.center.copy(t.center),this.rotation=t.rotation,this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrix.copy(t.matrix),this.generateMipmaps=t.generateMipmaps,this.mipmapsAutoUpdate=t.mipmapsAutoUpdate,this.premultiplyAlpha=t.premultiplyAlpha,this.flipY=t.flipY,this.unpackAlignment=t.unpackAlignment,this.colorSpace=t.colorSpace,this.renderTarget=t.renderTarget,this.isRenderTargetTexture=t.isRenderTargetTexture,this.isPMREMTexture=t.isPMREMTexture,this.isArrayTexture=t.isArrayTexture,this.userData=JSON.parse(JSON.stringify(t.userData)),this.needsUpdate=!0,this}setValues(t){for(let e in t){let i=t[e];if(i===void 0){Dt(`Texture.setValues(): parameter '${e}' has value of undefined.`);continue}let n=this[e];if(n===void 0){Dt(`Texture.setValues(): property '${e}' does not exist.`);continue}n&&i&&n.isVector2&&i.isVector2||n&&i&&n.isVector3&&i.isVector3||n&&i&&n.isMatrix3&&i.isMatrix3?n.copy(i):this[e]=i}}toJSON(t){let e=t===void 0||typeof t=="string";if(!e&&t.textures[this.uuid]!==void 0)return t.textures[this.uuid];let i={metadata:{version:4.7,type:"Texture",generator:"Texture.toJSON"},uuid:this.uuid,name:this.name,image:this.source.toJSON(t).uuid,mapping:this.mapping,channel:this.channel,repeat:[this.repeat.x,this.repeat.y],offset:[this.offset.x,this.offset.y],center:[this.center.x,this.center.y],rotation:this.rotation,wrap:[this.wrapS,this.wrapT],format:this.format,internalFormat:this.internalFormat,type:this.type,normalized:this.normalized,colorSpace:this.colorSpace,minFilter:this.minFilter,magFilter:this.magFilter,anisotropy:this.anisotropy,flipY:this.flipY,generateMipmaps:this.generateMipmaps,mipmapsAutoUpdate:this.mipmapsAutoUpdate,premultiplyAlpha:this.premultiplyAlpha,unpackAlignment:this.unpackAlignment};return Object.keys(this.userData).length>0&&(i.userData=this.userData),e||(t.textures[this.uuid]=i),i}dispose(){this.dispatchEvent({type:"dispose"})}transformUv(t){if(this.mapping!==ch)return t;if(t.applyMatrix3(this.matrix),t.x<0||t.x>1)switch(this.wrapS){case sa:t.x=t.x-Math.floor(t.x);break;case $n:t.x=t.x<0?0:1;break;case ra:Math.abs(Math.floor(t.x)%2)===1?t.x=Math.ceil(t.x)-t.x:t.x=t.x-Math.floor(t.x);break}if(t.y<0||t.y>1)switch(this.wrapT){case sa:t.y=t.y-Math.floor(t.y);break;case $n:t.y=t.y<0?0:1;break;case ra:Math.abs(Math.floor(t.y)%2)===1?t.y=Math.ceil(t.y)-t.y:t.y=t.y-Math.floor(t.y);break}return this.flipY&&(t.y=1-t.y),t}set needsUpdate(t){t===!0&&(this.version++,this.source.needsUpdate=!0)}set needsPMREMUpdate(t){t===!0&&this.pmremVersion++}};gn.DEFAULT_IMAGE=null;gn.DEFAULT_MAPPING=ch;gn.DEFAULT_ANISOTROPY=1;be=class{static{this.prototype.isVector4=!0}constructor(t=0,e=0,i=0,n=1){this.x=t,this.y=e,this.z=i,this.w=n}get width(){return this.z}set width(t){this.z=t}get height(){return this.w}set height(t){this.w=t}set(t,e,i,n){return this.x=t,this.y=e,this.z=i,this.w=n,this}setScalar(t){return this.x=t,this.y=t,this.z=t,this.w=t,this}setX(t){return this.x=t,this}setY(t){return this.y=t,this}setZ(t){return this.z=t,this}setW(t){return this.w=t,this}setComponent(t,e){switch(t){case 0:this.x=e;break;case 1:this.y=e;break;case 2:this.z=e;break;case 3:this.w=e;break;default:throw new Error("THREE.Vector4: index is out of range: "+t)}return this}getComponent(t){switch(t){case 0:return this.x;case 1:return this.y;case 2:return this.z;case 3:return this.w;default:throw new Error("THREE.Vector4: index is out of range: "+t)}}clone(){return new this.constructor(this.x,this.y,this.z,this.w)}copy(t){return this.x=t.x,this.y=t.y,this.z=t.z,this.w=t.w!==void 0?t.w:1,this}add(t){return this.x+=t.x,this.y+=t.y,this.z+=t.z,this.w+=t.w,this}addScalar(t){return this.x+=t,this.y+=t,this.z+=t,this.w+=t,this}addVectors(t,e){return this.x=t.x+e.x,this.y=t.y+e.y,this.z=t.z+e.z,this.w=t.w+e.w,this}addScaledVector(t,e){return this.x+=t.x*e,this.y+=t.y*e,this.z+=t.z*e,this.w+=t.w*e,this}sub(t){return this.x-=t.x,this.y-=t.y,this.z-=t.z,this.w-=t.w,this}subScalar(t){return this.x-=t,this.y-=t,this.z-=t,this.w-=t,this}subVectors(t,e){return this.x=t.x-e.x,this.y=t.y-e.y,this.z=t.z-e.z,this.w=t.w-e.w,this}multiply(t){return this.x*=t.x,this.y*=t.y,this.z*=t.z,this.w*=t.w,this}multiplyScalar(t){return this.x*=t,this.y*=t,this.z*=t,this.w*=t,this}applyMatrix4(t){let e=this.x,i=this.y,n=this.z,r=this.w,o=t.elements;return this.x=o[0]*e+o[4]*i+o[8]*n+o[12]*r,this.y=o[1]*e+o[5]*i+o[9]*n+o[13]*r,this.z=o[2]*e+o[6]*i+o[10]*n+o[14]*r,this.w=o[3]*e+o[7]*i+o[11]*n+o[15]*r,this}divide(t){return this.x/=t.x,this.y/=t.y,this.z/=t.z,this.w/=t.w,this}divideScalar(t){return this.multiplyScalar(1/t)}setAxisAngleFromQuaternion(t){this.w=2*Math.acos(t.w);let e=Math.sqrt(1-t.w*t.w);return e<1e-4?(this.x=1,this.y=0,this.z=0):(this.x=t.x/e,this.y=t.y/e,this.z=t.z/e),this}setAxisAngleFromRotationMatrix(t){let e,i,n,r,l=t.elements,c=l[0],h=l[4],u=l[8],d=l[1],f=l[5],m=l[9],y=l[2],p=l[6],_=l[10];if(Math.abs(h-d)<.01&&Math.abs(u-y)<.01&&Math.abs(m-p)<.01){if(Math.abs(h+d)<.1&&Math.abs(u+y)<.1&&Math.abs(m+p)<.1&&Math.abs(c+f+_-3)<.1)return this.set(1,0,0,0),this;e=Math.PI;let S=(c+1)/2,v=(f+1)/2,M=(_+1)/2,w=(h+d)/4,g=(u+y)/4,b=(m+p)/4;return S>v&&S>M?S<.01?(i=0,n=.707106781,r=.707106781):(i=Math.sqrt(S),n=w/i,r=g/i):v>M?v<.01?(i=.707106781,n=0,r=.707106781):(n=Math.sqrt(v),i=w/n,r=b/n):M<.01?(i=.707106781,n=.707106781,r=0):(r=Math.sqrt(M),i=g/r,n=b/r),this.set(i,n,r,e),this}let x=Math.sqrt((p-m)*(p-m)+(u-y)*(u-y)+(d-h)*(d-h));return Math.abs(x)<.001&&(x=1),this.x=(p-m)/x,this.y=(u-y)/x,this.z=(d-h)/x,this.w=Math.acos((c+f+_-1)/2),this}setFromMatrixPosition(t){let e=t.elements;return this.x=e[12],this.y=e[13],this.z=e[14],this.w=e[15],this}min(t){return this.x=Math.min(this.x,t.x),this.y=Math.min(this.y,t.y),this.z=Math.min(this.z,t.z),this.w=Math.min(this.w,t.w),this}max(t){return this.x=Math.max(this.x,t.x),this.y=Math.max(this.y,t.y),this.z=Math.max(this.z,t.z),this.w=Math.max(this.w,t.w),this}clamp(t,e){return this.x=zt(this.x,t.x,e.x),this.y=zt(this.y,t.y,e.y),this.z=zt(this.z,t.z,e.z),this.w=zt(this.w,t.w,e.w),this}clampScalar(t,e){return this.x=zt(this.x,t,e),this.y=zt(this.y,t,e),this.z=zt(this.z,t,e),this.w=zt(this.w,t,e),this}clampLength(t,e){let i=this.length();return this.divideScalar(i||1).multiplyScalar(zt(i,t,e))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this.w=Math.floor(this.w),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this.w=Math.ceil(this.w),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this.w=Math.round(this.w),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this.w=Math.trunc(this.w),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this.w=-this.w,this}dot(t){return this.x*t.x+this.y*t.y+this.z*t.z+this.w*t.w}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)+Math.abs(this.w)}normalize(){return this.divideScalar(this.length()||1)}setLength(t){return this.normalize().multiplyScalar(t)}lerp(t,e){return this.x+=(t.x-this.x)*e,this.y+=(t.y-this.y)*e,this.z+=(t.z-this.z)*e,this.w+=(t.w-this.w)*e,this}lerpVectors(t,e,i){return this.x=t.x+(e.x-t.x)*i,this.y=t.y+(e.y-t.y)*i,this.z=t.z+(e.z-t.z)*i,this.w=t.w+(e.w-t.w)*i,this}equals(t){return t.x===this.x&&t.y===this.y&&t.z===this.z&&t.w===this.w}fromArray(t,e=0){return this.x=t[e],this.y=t[e+1],this.z=t[e+2],this.w=t[e+3],this}toArray(t=[],e=0){return t[e]=this.x,t[e+1]=this.y,t[e+2]=this.z,t[e+3]=this.w,t}fromBufferAttribute(t,e){return this.x=t.getX(e),this.y=t.getY(e),this.z=t.getZ(e),this.w=t.getW(e),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this.w=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z,yield this.w}},la=class extends zn{constructor(t=1,e=1,i={}){super(),i=Object.assign({generateMipmaps:!1,internalFormat:null,minFilter:un,depthBuffer:!0,stencilBuffer:!1,resolveColorBuffer:!0,resolveDepthBuffer:!0,resolveStencilBuffer:!0,storeMultisampledColorBuffer:!0,storeMultisampledDepthBuffer:!0,storeMultisampledStencilBuffer:!0,depthTexture:null,samples:0,count:1,depth:1,multiview:!1,useArrayDepthTexture:!1},i),this.isRenderTarget=!0,this.width=t,this.height=e,this.depth=i.depth,this.scissor=new be(0,0,t,e),this.scissorTest=!1,this.viewport=new be(0,0,t,e),this.textures=[];let n=i.count;for(let r=0;r<n;r++)this.textures[r]=new gn({width:t,height:e,depth:i.depth}),this.textures[r].isRenderTargetTexture=!0,this.textures[r].renderTarget=this;this._setTextureOptions(i),this.depthBuffer=i.depthBuffer,this.stencilBuffer=i.stencilBuffer,this.resolveColorBuffer=i.resolveColorBuffer,this.resolveDepthBuffer=i.resolveDepthBuffer,this.resolveStencilBuffer=i.resolveStencilBuffer,this.storeMultisampledColorBuffer=i.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=i.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=i.storeMultisampledStencilBuffer,this._depthTexture=null,this.depthTexture=i.depthTexture,this.samples=i.samples,this.multiview=i.multiview,this.useArrayDepthTexture=i.useArrayDepthTexture}_setTextureOptions(t={}){let e={minFilter:un,generateMipmaps:!1,flipY:!1,internalFormat:null};t.mapping!==void 0&&(e.mapping=t.mapping),t.wrapS!==void 0&&(e.wrapS=t.wrapS),t.wrapT!==void 0&&(e.wrapT=t.wrapT),t.wrapR!==void 0&&(e.wrapR=t.wrapR),t.magFilter!==void 0&&(e.magFilter=t.magFilter),t.minFilter!==void 0&&(e.minFilter=t.minFilter),t.format!==void 0&&(e.format=t.format),t.type!==void 0&&(e.type=t.type),t.anisotropy!==void 0&&(e.anisotropy=t.anisotropy),t.colorSpace!==void 0&&(e.colorSpace=t.colorSpace),t.flipY!==void 0&&(e.flipY=t.flipY),t.generateMipmaps!==void 0&&(e.generateMipmaps=t.generateMipmaps),t.mipmapsAutoUpdate!==void 0&&(e.mipmapsAutoUpdate=t.mipmapsAutoUpdate),t.internalFormat!==void 0&&(e.internalFormat=t.internalFormat);for(let i=0;i<this.textures.length;i++)this.textures[i].setValues(e)}get texture(){return this.textures[0]}set texture(t){this.textures[0]=t}set depthTexture(t){this._depthTexture!==null&&this._depthTexture.renderTarget===this&&(this._depthTexture.renderTarget=null),t!==null&&t.renderTarget===null&&(t.renderTarget=this),this._depthTexture=t}get depthTexture(){return this._depthTexture}setSize(t,e,i=1){if(this.width!==t||this.height!==e||this.depth!==i){this.width=t,this.height=e,this.depth=i;for(let n=0,r=this.textures.length;n<r;n++)this.textures[n].image.width=t,this.textures[n].image.height=e,this.textures[n].image.depth=i,this.textures[n].isData3DTexture!==!0&&(this.textures[n].isArrayTexture=this.textures[n].image.depth>1);this.dispose()}this.viewport.set(0,0,t,e),this.scissor.set(0,0,t,e)}clone(){return new this.constructor().copy(this)}copy(t){this.width=t.width,this.height=t.height,this.depth=t.depth,this.scissor.copy(t.scissor),this.scissorTest=t.scissorTest,this.viewport.copy(t.viewport),this.textures.length=0;for(let e=0,i=t.textures.length;e<i;e++){this.textures[e]=t.textures[e].clone(),this.textures[e].isRenderTargetTexture=!0,this.textures[e].renderTarget=this;let n=Object.assign({},t.textures[e].image);this.textures[e].source=new Cs(n)}if(this.depthBuffer=t.depthBuffer,this.stencilBuffer=t.stencilBuffer,this.resolveColorBuffer=t.resolveColorBuffer,this.resolveDepthBuffer=t.resolveDepthBuffer,this.resolveStencilBuffer=t.resolveStencilBuffer,this.storeMultisampledColorBuffer=t.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=t.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=t.storeMultisampledStencilBuffer,t.depthTexture!==null)if(t.depthTexture.renderTarget===t){let e=t.depthTexture.clone();e.renderTarget=null,this.depthTexture=e}else this.depthTexture=t.depthTexture;else this.depthTexture=null;return this.samples=t.samples,this.multiview=t.multiview,this.useArrayDepthTexture=t.useArrayDepthTexture,this}dispose(){this.dispatchEvent({type:"dispose"})}},Tn=class extends la{constructor(t=1,e=1,i={}){super(t,e,i),this.isWebGLRenderTarget=!0}},Tr=class extends gn{constructor(t=null,e=1,i=1,n=1){super(null),this.isDataArrayTexture=!0,this.image={data:t,width:e,height:i,depth:n},this.magFilter=Ge,this.minFilter=Ge,this.wrapR=$n,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1,this.layerUpdates=new Set}copy(t){return super.copy(t),this.wrapR=t.wrapR,this}addLayerUpdate(t){this.layerUpdates.add(t)}clearLayerUpdates(){this.layerUpdates.clear()}},ca=class extends gn{constructor(t=null,e=1,i=1,n=1){super(null),this.isData3DTexture=!0,this.image={data:t,width:e,height:i,depth:n},this.magFilter=Ge,this.minFilter=Ge,this.wrapR=$n,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}copy(t){return super.copy(t),this.wrapR=t.wrapR,this}},kt=class s{static{this.prototype.isMatrix4=!0}constructor(t,e,i,n,r,o,a,l,c,h,u,d,f,m,y,p){this.elements=[1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1],t!==void 0&&this.set(t,e,i,n,r,o,a,l,c,h,u,d,f,m,y,p)}set(t,e,i,n,r,o,a,l,c,h,u,d,f,m,y,p){let _=this.elements;return _[0]=t,_[4]=e,_[8]=i,_[12]=n,_[1]=r,_[5]=o,_[9]=a,_[13]=l,_[2]=c,_[6]=h,_[10]=u,_[14]=d,_[3]=f,_[7]=m,_[11]=y,_[15]=p,this}identity(){return this.set(1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1),this}clone(){return new s().fromArray(this.elements)}copy(t){let e=this.elements,i=t.elements;return e[0]=i[0],e[1]=i[1],e[2]=i[2],e[3]=i[3],e[4]=i[4],e[5]=i[5],e[6]=i[6],e[7]=i[7],e[8]=i[8],e[9]=i[9],e[10]=i[10],e[11]=i[11],e[12]=i[12],e[13]=i[13],e[14]=i[14],e[15]=i[15],this}copyPosition(t){let e=this.elements,i=t.elements;return e[12]=i[12],e[13]=i[13],e[14]=i[14],this}setFromMatrix3(t){let e=t.elements;return this.set(e[0],e[3],e[6],0,e[1],e[4],e[7],0,e[2],e[5],e[8],0,0,0,0,1),this}extractBasis(t,e,i){return this.determinantAffine()===0?(t.set(1,0,0),e.set(0,1,0),i.set(0,0,1),this):(t.setFromMatrixColumn(this,0),e.setFromMatrixColumn(this,1),i.setFromMatrixColumn(this,2),this)}makeBasis(t,e,i){return this.set(t.x,e.x,i.x,0,t.y,e.y,i.y,0,t.z,e.z,i.z,0,0,0,0,1),this}extractRotation(t){if(t.determinantAffine()===0)return this.identity();let e=this.elements,i=t.elements,n=1/cs.setFromMatrixColumn(t,0).length(),r=1/cs.setFromMatrixColumn(t,1).length(),o=1/cs.setFromMatrixColumn(t,2).length();return e[0]=i[0]*n,e[1]=i[1]*n,e[2]=i[2]*n,e[3]=0,e[4]=i[4]*r,e[5]=i[5]*r,e[6]=i[6]*r,e[7]=0,e[8]=i[8]*o,e[9]=i[9]*o,e[10]=i[10]*o,e[11]=0,e[12]=0,e[13]=0,e[14]=0,e[15]=1,this}makeRotationFromEuler(t){let e=this.elements,i=t.x,n=t.y,r=t.z,o=Math.cos(i),a=Math.sin(i),l=Math.cos(n),c=Math.sin(n),h=Math.cos(r),u=Math.sin(r);if(t.order==="XYZ"){let d=o*h,f=o*u,m=a*h,y=a*u;e[0]=l*h,e[4]=-l*u,e[8]=c,e[1]=f+m*c,e[5]=d-y*c,e[9]=-a*l,e[2]=y-d*c,e[6]=m+f*c,e[10]=o*l}else if(t.order==="YXZ"){let d=l*h,f=l*u,m=c*h,y=c*u;e[0]=d+y*a,e[4]=m*a-f,e[8]=o*c,e[1]=o*u,e[5]=o*h,e[9]=-a,e[2]=f*a-m,e[6]=y+d*a,e[10]=o*l}else if(t.order==="ZXY"){let d=l*h,f=l*u,m=c*h,y=c*u;e[0]=d-y*a,e[4]=-o*u,e[8]=m+f*a,e[1]=f+m*a,e[5]=o*h,e[9]=y-d*a,e[2]=-o*c,e[6]=a,e[10]=o*l}else if(t.order==="ZYX"){let d=o*h,f=o*u,m=a*h,y=a*u;e[0]=l*h,e[4]=m*c-f,e[8]=d*c+y,e[1]=l*u,e[5]=y*c+d,e[9]=f*c-m,e[2]=-c,e[6]=a*l,e[10]=o*l}else if(t.order==="YZX"){let d=o*l,f=o*c,m=a*l,y=a*c;e[0]=l*h,e[4]=y-d*u,e[8]=m*u+f,e[1]=u,e[5]=o*h,e[9]=-a*h,e[2]=-c*h,e[6]=f*u+m,e[10]=d-y*u}else if(t.order==="XZY"){let d=o*l,f=o*c,m=a*l,y=a*c;e[0]=l*h,e[4]=-u,e[8]=c*h,e[1]=d*u+y,e[5]=o*h,e[9]=f*u-m,e[2]=m*u-f,e[6]=a*h,e[10]=y*u+d}return e[3]=0,e[7]=0,e[11]=0,e[12]=0,e[13]=0,e[14]=0,e[15]=1,this}makeRotationFromQuaternion(t){return this.compose(Qm,t,tg)}lookAt(t,e,i){let n=this.elements;return Sn.subVectors(t,e),Sn.lengthSq()===0&&(Sn.z=1),Sn.normalize(),Si.crossVectors(i,Sn),Si.lengthSq()===0&&(Math.abs(i.z)===1?Sn.x+=1e-4:Sn.z+=1e-4,Sn.normalize(),Si.crossVectors(i,Sn)),Si.normalize(),bo.crossVectors(Sn,Si),n[0]=Si.x,n[4]=bo.x,n[8]=Sn.x,n[1]=Si.y,n[5]=bo.y,n[9]=Sn.y,n[2]=Si.z,n[6]=bo.z,n[10]=Sn.z,this}multiply(t){return this.multiplyMatrices(this,t)}premultiply(t){return this.multiplyMatrices(t,this)}multiplyMatrices(t,e){let i=t.elements,n=e.elements,r=this.elements,o=i[0],a=i[4],l=i[8],c=i[12],h=i[1],u=i[5],d=i[9],f=i[13],m=i[2],y=i[6],p=i[10],_=i[14],x=i[3],S=i[7],v=i[11],M=i[15],w=n[0],g=n[4],b=n[8],C=n[12],T=n[1],P=n[5],I=n[9],U=n[13],L=n[2],k=n[6],H=n[10],q=n[14],it=n[3],Y=n[7],Z=n[11],nt=n[15];return r[0]=o*w+a*T+l*L+c*it,r[4]=o*g+a*P+l*k+c*Y,r[8]=o*b+a*I+l*H+c*Z,r[12]=o*C+a*U+l*q+c*nt,r[1]=h*w+u*T+d*L+f*it,r[5]=h*g+u*P+d*k+f*Y,r[9]=h*b+u*I+d*H+f*Z,r[13]=h*C+u*U+d*q+f*nt,r[2]=m*w+y*T+p*L+_*it,r[6]=m*g+y*P+p*k+_*Y,r[10]=m*b+y*I+p*H+_*Z,r[14]=m*C+y*U+p*q+_*nt,r[3]=x*w+S*T+v*L+M*it,r[7]=x*g+S*P+v*k+M*Y,r[11]=x*b+S*I+v*H+M*Z,r[15]=x*C+S*U+v*q+M*nt,this}multiplyScalar(t){let e=this.elements;return e[0]*=t,e[4]*=t,e[8]*=t,e[12]*=t,e[1]*=t,e[5]*=t,e[9]*=t,e[13]*=t,e[2]*=t,e[6]*=t,e[10]*=t,e[14]*=t,e[3]*=t,e[7]*=t,e[11]*=t,e[15]*=t,this}determinant(){let t=this.elements,e=t[0],i=t[4],n=t[8],r=t[12],o=t[1],a=t[5],l=t[9],c=t[13],h=t[2],u=t[6],d=t[10],f=t[14],m=t[3],y=t[7],p=t[11],_=t[15],x=l*f-c*d,S=a*f-c*u,v=a*d-l*u,M=o*f-c*h,w=o*d-l*h,g=o*u-a*h;return e*(y*x-p*S+_*v)-i*(m*x-p*M+_*w)+n*(m*S-y*M+_*g)-r*(m*v-y*w+p*g)}determinantAffine(){let t=this.elements,e=t[0],i=t[4],n=t[8],r=t[1],o=t[5],a=t[9],l=t[2],c=t[6],h=t[10];return e*(o*h-a*c)-i*(r*h-a*l)+n*(r*c-o*l)}transpose(){let t=this.elements,e;return e=t[1],t[1]=t[4],t[4]=e,e=t[2],t[2]=t[8],t[8]=e,e=t[6],t[6]=t[9],t[9]=e,e=t[3],t[3]=t[12],t[12]=e,e=t[7],t[7]=t[13],t[13]=e,e=t[11],t[11]=t[14],t[14]=e,this}setPosition(t,e,i){let n=this.elements;return t.isVector3?(n[12]=t.x,n[13]=t.y,n[14]=t.z):(n[12]=t,n[13]=e,n[14]=i),this}invert(){let t=this.elements,e=t[0],i=t[1],n=t[2],r=t[3],o=t[4],a=t[5],l=t[6],c=t[7],h=t[8],u=t[9],d=t[10],f=t[11],m=t[12],y=t[13],p=t[14],_=t[15],x=e*a-i*o,S=e*l-n*o,v=e*c-r*o,M=i*l-n*a,w=i*c-r*a,g=n*c-r*l,b=h*y-u*m,C=h*p-d*m,T=h*_-f*m,P=u*p-d*y,I=u*_-f*y,U=d*_-f*p,L=x*U-S*I+v*P+M*T-w*C+g*b;if(L===0)return this.set(0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0);let k=1/L;return t[0]=(a*U-l*I+c*P)*k,t[1]=(n*I-i*U-r*P)*k,t[2]=(y*g-p*w+_*M)*k,t[3]=(d*w-u*g-f*M)*k,t[4]=(l*T-o*U-c*C)*k,t[5]=(e*U-n*T+r*C)*k,t[6]=(p*v-m*g-_*S)*k,t[7]=(h*g-d*v+f*S)*k,t[8]=(o*I-a*T+c*b)*k,t[9]=(i*T-e*I-r*b)*k,t[10]=(m*w-y*v+_*x)*k,t[11]=(u*v-h*w-f*x)*k,t[12]=(a*C-o*P-l*b)*k,t[13]=(e*P-i*C+n*b)*k,t[14]=(y*S-m*M-p*x)*k,t[15]=(h*M-u*S+d*x)*k,this}scale(t){let e=this.elements,i=t.x,n=t.y,r=t.z;return e[0]*=i,e[4]*=n,e[8]*=r,e[1]*=i,e[5]*=n,e[9]*=r,e[2]*=i,e[6]*=n,e[10]*=r,e[3]*=i,e[7]*=n,e[11]*=r,this}getMaxScaleOnAxis(){let t=this.elements,e=t[0]*t[0]+t[1]*t[1]+t[2]*t[2],i=t[4]*t[4]+t[5]*t[5]+t[6]*t[6],n=t[8]*t[8]+t[9]*t[9]+t[10]*t[10];return Math.sqrt(Math.max(e,i,n))}makeTranslation(t,e,i){return t.isVector3?this.set(1,0,0,t.x,0,1,0,t.y,0,0,1,t.z,0,0,0,1):this.set(1,0,0,t,0,1,0,e,0,0,1,i,0,0,0,1),this}makeRotationX(t){let e=Math.cos(t),i=Math.sin(t);return this.set(1,0,0,0,0,e,-i,0,0,i,e,0,0,0,0,1),this}makeRotationY(t){let e=Math.cos(t),i=Math.sin(t);return this.set(e,0,i,0,0,1,0,0,-i,0,e,0,0,0,0,1),this}makeRotationZ(t){let e=Math.cos(t),i=Math.sin(t);return this.set(e,-i,0,0,i,e,0,0,0,0,1,0,0,0,0,1),this}makeRotationAxis(t,e){let i=Math.cos(e),n=Math.sin(e),r=1-i,o=t.x,a=t.y,l=t.z,c=r*o,h=r*a;return this.set(c*o+i,c*a-n*l,c*l+n*a,0,c*a+n*l,h*a+i,h*l-n*o,0,c*l-n*a,h*l+n*o,r*l*l+i,0,0,0,0,1),this}makeScale(t,e,i){return this.set(t,0,0,0,0,e,0,0,0,0,i,0,0,0,0,1),this}makeShear(t,e,i,n,r,o){return this.set(1,i,r,0,t,1,o,0,e,n,1,0,0,0,0,1),this}compose(t,e,i){let n=this.elements,r=e._x,o=e._y,a=e._z,l=e._w,c=r+r,h=o+o,u=a+a,d=r*c,f=r*h,m=r*u,y=o*h,p=o*u,_=a*u,x=l*c,S=l*h,v=l*u,M=i.x,w=i.y,g=i.z;return n[0]=(1-(y+_))*M,n[1]=(f+v)*M,n[2]=(m-S)*M,n[3]=0,n[4]=(f-v)*w,n[5]=(1-(d+_))*w,n[6]=(p+x)*w,n[7]=0,n[8]=(m+S)*g,n[9]=(p-x)*g,n[10]=(1-(d+y))*g,n[11]=0,n[12]=t.x,n[13]=t.y,n[14]=t.z,n[15]=1,this}decompose(t,e,i){let n=this.elements;t.x=n[12],t.y=n[13],t.z=n[14];let r=this.determinantAffine();if(r===0)return i.set(1,1,1),e.identity(),this;let o=cs.set(n[0],n[1],n[2]).length(),a=cs.set(n[4],n[5],n[6]).length(),l=cs.set(n[8],n[9],n[10]).length();r<0&&(o=-o),On.copy(this);let c=1/o,h=1/a,u=1/l;return On.elements[0]*=c,On.elements[1]*=c,On.elements[2]*=c,On.elements[4]*=h,On.elements[5]*=h,On.elements[6]*=h,On.elements[8]*=u,On.elements[9]*=u,On.elements[10]*=u,e.setFromRotationMatrix(On),i.x=o,i.y=a,i.z=l,this}makePerspective(t,e,i,n,r,o,a=Pn,l=!1){let c=this.elements,h=2*r/(e-t),u=2*r/(i-n),d=(e+t)/(e-t),f=(i+n)/(i-n),m,y;if(l)m=r/(o-r),y=o*r/(o-r);else if(a===Pn)m=-(o+r)/(o-r),y=-2*o*r/(o-r);else if(a===Ts)m=-o/(o-r),y=-o*r/(o-r);else throw new Error("THREE.Matrix4.makePerspective(): Invalid coordinate system: "+a);return c[0]=h,c[4]=0,c[8]=d,c[12]=0,c[1]=0,c[5]=u,c[9]=f,c[13]=0,c[2]=0,c[6]=0,c[10]=m,c[14]=y,c[3]=0,c[7]=0,c[11]=-1,c[15]=0,this}makeOrthographic(t,e,i,n,r,o,a=Pn,l=!1){let c=this.elements,h=2/(e-t),u=2/(i-n),d=-(e+t)/(e-t),f=-(i+n)/(i-n),m,y;if(l)m=1/(o-r),y=o/(o-r);else if(a===Pn)m=-2/(o-r),y=-(o+r)/(o-r);else if(a===Ts)m=-1/(o-r),y=-r/(o-r);else throw new Error("THREE.Matrix4.makeOrthographic(): Invalid coordinate system: "+a);return c[0]=h,c[4]=0,c[8]=0,c[12]=d,c[1]=0,c[5]=u,c[9]=0,c[13]=f,c[2]=0,c[6]=0,c[10]=m,c[14]=y,c[3]=0,c[7]=0,c[11]=0,c[15]=1,this}equals(t){let e=this.elements,i=t.elements;for(let n=0;n<16;n++)if(e[n]!==i[n])return!1;return!0}fromArray(t,e=0){for(let i=0;i<16;i++)this.elements[i]=t[i+e];return this}toArray(t=[],e=0){let i=this.elements;return t[e]=i[0],t[e+1]=i[1],t[e+2]=i[2],t[e+3]=i[3],t[e+4]=i[4],t[e+5]=i[5],t[e+6]=i[6],t[e+7]=i[7],t[e+8]=i[8],t[e+9]=i[9],t[e+10]=i[10],t[e+11]=i[11],t[e+12]=i[12],t[e+13]=i[13],t[e+14]=i[14],t[e+15]=i[15],t}},cs=new R,On=new kt,Qm=new R(0,0,0),tg=new R(1,1,1),Si=new R,bo=new R,Sn=new R,Xu=new kt,Yu=new sn,hi=class s{constructor(t=0,e=0,i=0,n=s.DEFAULT_ORDER){this.isEuler=!0,this._x=t,this._y=e,this._z=i,this._order=n}get x(){return this._x}set x(t){this._x=t,this._onChangeCallback()}get y(){return this._y}set y(t){this._y=t,this._onChangeCallback()}get z(){return this._z}set z(t){this._z=t,this._onChangeCallback()}get order(){return this._order}set order(t){this._order=t,this._onChangeCallback()}set(t,e,i,n=this._order){return this._x=t,this._y=e,this._z=i,this._order=n,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._order)}copy(t){return this._x=t._x,this._y=t._y,this._z=t._z,this._order=t._order,this._onChangeCallback(),this}setFromRotationMatrix(t,e=this._order,i=!0){let n=t.elements,r=n[0],o=n[4],a=n[8],l=n[1],c=n[5],h=n[9],u=n[2],d=n[6],f=n[10];switch(e){case"XYZ":this._y=Math.asin(zt(a,-1,1)),Math.abs(a)<.9999999?(this._x=Math.atan2(-h,f),this._z=Math.atan2(-o,r)):(this._x=Math.atan2(d,c),this._z=0);break;case"YXZ":this._x=Math.asin(-zt(h,-1,1)),Math.abs(h)<.9999999?(this._y=Math.atan2(a,f),this._z=Math.atan2(l,c)):(this._y=Math.atan2(-u,r),this._z=0);break;case"ZXY":this._x=Math.asin(zt(d,-1,1)),Math.abs(d)<.9999999?(this._y=Math.atan2(-u,f),this._z=Math.atan2(-o,c)):(this._y=0,this._z=Math.atan2(l,r));break;case"ZYX":this._y=Math.asin(-zt(u,-1,1)),Math.abs(u)<.9999999?(this._x=Math.atan2(d,f),this._z=Math.atan2(l,r)):(this._x=0,this._z=Math.atan2(-o,c));break;case"YZX":this._z=Math.asin(zt(l,-1,1)),Math.abs(l)<.9999999?(this._x=Math.atan2(-h,c),this._y=Math.atan2(-u,r)):(this._x=0,this._y=Math.atan2(a,f));break;case"XZY":this._z=Math.asin(-zt(o,-1,1)),Math.abs(o)<.9999999?(this._x=Math.atan2(d,c),this._y=Math.atan2(a,r)):(this._x=Math.atan2(-h,f),this._y=0);break;default:Dt("Euler: .setFromRotationMatrix() encountered an unknown order: "+e)}return this._order=e,i===!0&&this._onChangeCallback(),this}setFromQuaternion(t,e,i){return Xu.makeRotationFromQuaternion(t),this.setFromRotationMatrix(Xu,e,i)}setFromVector3(t,e=this._order){return this.set(t.x,t.y,t.z,e)}reorder(t){return Yu.setFromEuler(this),this.setFromQuaternion(Yu,t)}equals(t){return t._x===this._x&&t._y===this._y&&t._z===this._z&&t._order===this._order}fromArray(t){return this._x=t[0],this._y=t[1],this._z=t[2],t[3]!==void 0&&(this._order=t[3]),this._onChangeCallback(),this}toArray(t=[],e=0){return t[e]=this._x,t[e+1]=this._y,t[e+2]=this._z,t[e+3]=this._order,t}_onChange(t){return this._onChangeCallback=t,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._order}};hi.DEFAULT_ORDER="XYZ";Rs=class{constructor(){this.mask=1}set(t){this.mask=(1<<t|0)>>>0}enable(t){this.mask|=1<<t|0}enableAll(){this.mask=-1}toggle(t){this.mask^=1<<t|0}disable(t){this.mask&=~(1<<t|0)}disableAll(){this.mask=0}test(t){return(this.mask&t.mask)!==0}isEnabled(t){return(this.mask&(1<<t|0))!==0}},eg=0,$u=new R,hs=new sn,ii=new kt,Mo=new R,ur=new R,ng=new R,ig=new sn,Zu=new R(1,0,0),Ju=new R(0,1,0),Ku=new R(0,0,1),ju={type:"added"},sg={type:"removed"},us={type:"childadded",child:null},gc={type:"childremoved",child:null},We=class s extends zn{constructor(){super(),this.isObject3D=!0,Object.defineProperty(this,"id",{value:eg++}),this.uuid=Hs(),this.name="",this.type="Object3D",this.parent=null,this.children=[],this.up=s.DEFAULT_UP.clone();let t=new R,e=new hi,i=new sn,n=new R(1,1,1);function r(){i.setFromEuler(e,!1)}function o(){e.setFromQuaternion(i,void 0,!1)}e._onChange(r),i._onChange(o),Object.defineProperties(this,{position:{configurable:!0,enumerable:!0,value:t},rotation:{configurable:!0,enumerable:!0,value:e},quaternion:{configurable:!0,enumerable:!0,value:i},scale:{configurable:!0,enumerable:!0,value:n},modelViewMatrix:{value:new kt},normalMatrix:{value:new Vt}}),this.matrix=new kt,this.matrixWorld=new kt,this.matrixAutoUpdate=s.DEFAULT_MATRIX_AUTO_UPDATE,this.matrixWorldAutoUpdate=s.DEFAULT_MATRIX_WORLD_AUTO_UPDATE,this.matrixWorldNeedsUpdate=!1,this.layers=new Rs,this.visible=!0,this.castShadow=!1,this.receiveShadow=!1,this.frustumCulled=!0,this.renderOrder=0,this.animations=[],this.customDepthMaterial=void 0,this.customDistanceMaterial=void 0,this.static=!1,this.userData={},this.pivot=null}onBeforeShadow(){}onAfterShadow(){}onBeforeRender(){}onAfterRender(){}applyMatrix4(t){this.matrixAutoUpdate&&this.updateMatrix(),this.matrix.premultiply(t),this.matrix.decompose(this.position,this.quaternion,this.scale),this.pivot!==null&&this.position.copy(this.pivot).applyMatrix4(this.matrix).sub(this.pivot)}applyQuaternion(t){return this.quaternion.premultiply(t),this}setRotationFromAxisAngle(t,e){this.quaternion.setFromAxisAngle(t,e)}setRotationFromEuler(t){this.quaternion.setFromEuler(t,!0)}setRotationFromMatrix(t){this.quaternion.setFromRotationMatrix(t)}setRotationFromQuaternion(t){this.quaternion.copy(t)}rotateOnAxis(t,e){return hs.setFromAxisAngle(t,e),this.quaternion.multiply(hs),this}rotateOnWorldAxis(t,e){return hs.setFromAxisAngle(t,e),this.quaternion.premultiply(hs),this}rotateX(t){return this.rotateOnAxis(Zu,t)}rotateY(t){return this.rotateOnAxis(Ju,t)}rotateZ(t){return this.rotateOnAxis(Ku,t)}translateOnAxis(t,e){return $u.copy(t).applyQuaternion(this.quaternion),this.position.add($u.multiplyScalar(e)),this}translateX(t){return this.translateOnAxis(Zu,t)}translateY(t){return this.translateOnAxis(Ju,t)}translateZ(t){return this.translateOnAxis(Ku,t)}localToWorld(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(this.matrixWorld)}worldToLocal(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(ii.copy(this.matrixWorld).invert())}lookAt(t,e,i){t.isVector3?Mo.copy(t):Mo.set(t,e,i);let n=this.parent;this.updateWorldMatrix(!0,!1),ur.setFromMatrixPosition(this.matrixWorld),this.isCamera||this.isLight?ii.lookAt(ur,Mo,this.up):ii.lookAt(Mo,ur,this.up),this.quaternion.setFromRotationMatrix(ii),n&&(ii.extractRotation(n.matrixWorld),hs.setFromRotationMatrix(ii),this.quaternion.premultiply(hs.invert()))}add(t){if(arguments.length>1){for(let e=0;e<arguments.length;e++)this.add(arguments[e]);return this}return t===this?(Ot("Object3D.add: object can't be added as a child of itself.",t),this):(t&&t.isObject3D?(t.removeFromParent(),t.parent=this,this.children.push(t),t.dispatchEvent(ju),us.child=t,this.dispatchEvent(us),us.child=null):Ot("Object3D.add: object not an instance of THREE.Object3D.",t),this)}remove(t){if(arguments.length>1){for(let i=0;i<arguments.length;i++)this.remove(arguments[i]);return this}let e=this.children.indexOf(t);return e!==-1&&(t.parent=null,this.children.splice(e,1),t.dispatchEvent(sg),gc.child=t,this.dispatchEvent(gc),gc.child=null),this}removeFromParent(){let t=this.parent;return t!==null&&t.remove(this),this}clear(){return this.remove(...this.children)}attach(t){return this.updateWorldMatrix(!0,!1),ii.copy(this.matrixWorld).invert(),t.parent!==null&&(t.parent.updateWorldMatrix(!0,!1),ii.multiply(t.parent.matrixWorld)),t.applyMatrix4(ii),t.removeFromParent(),t.parent=this,this.children.push(t),t.updateWorldMatrix(!1,!0),t.dispatchEvent(ju),us.child=t,this.dispatchEvent(us),us.child=null,this}getObjectById(t){return this.getObjectByProperty("id",t)}getObjectByName(t){return this.getObjectByProperty("name",t)}getObjectByProperty(t,e){if(this[t]===e)return this;for(let i=0,n=this.children.length;i<n;i++){let o=this.children[i].getObjectByProperty(t,e);if(o!==void 0)return o}}getObjectsByProperty(t,e,i=[]){this[t]===e&&i.push(this);let n=this.children;for(let r=0,o=n.length;r<o;r++)n[r].getObjectsByProperty(t,e,i);return i}getWorldPosition(t){return this.updateWorldMatrix(!0,!1),t.setFromMatrixPosition(this.matrixWorld)}getWorldQuaternion(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(ur,t,ng),t}getWorldScale(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(ur,ig,t),t}getWorldDirection(t){this.updateWorldMatrix(!0,!1);let e=this.matrixWorld.elements;return t.set(e[8],e[9],e[10]).normalize()}raycast(){}intersectsFrustum(){return!0}traverse(t){t(this);let e=this.children;for(let i=0,n=e.length;i<n;i++)e[i].traverse(t)}traverseVisible(t){if(this.visible===!1)return;t(this);let e=this.children;for(let i=0,n=e.length;i<n;i++)e[i].traverseVisible(t)}traverseAncestors(t){let e=this.parent;e!==null&&(t(e),e.traverseAncestors(t))}updateMatrix(){this.matrix.compose(this.position,this.quaternion,this.scale);let t=this.pivot;if(t!==null){let e=t.x,i=t.y,n=t.z,r=this.matrix.elements;r[12]+=e-r[0]*e-r[4]*i-r[8]*n,r[13]+=i-r[1]*e-r[5]*i-r[9]*n,r[14]+=n-r[2]*e-r[6]*i-r[10]*n}this.matrixWorldNeedsUpdate=!0}updateMatrixWorld(t){this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||t)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,t=!0);let e=this.children;for(let i=0,n=e.length;i<n;i++)e[i].updateMatrixWorld(t)}updateWorldMatrix(t,e,i=!1){let n=this.parent;if(t===!0&&n!==null&&n.updateWorldMatrix(!0,!1),this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||i)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,i=!0),e===!0){let r=this.children;for(let o=0,a=r.length;o<a;o++)r[o].updateWorldMatrix(!1,!0,i)}}toJSON(t){let e=t===void 0||typeof t=="string",i={};e&&(t={geometries:{},materials:{},textures:{},images:{},shapes:{},skeletons:{},animations:{},nodes:{}},i.metadata={version:4.7,type:"Object",generator:"Object3D.toJSON"});let n={};n.uuid=this.uuid,n.type=this.type,n.name=this.name,n.castShadow=this.castShadow,n.receiveShadow=this.receiveShadow,n.visible=this.visible,n.frustumCulled=this.frustumCulled,n.renderOrder=this.renderOrder,n.static=this.static,n.matrixAutoUpdate=this.matrixAutoUpdate,Object.keys(this.userData).length>0&&(n.userData=this.userData),n.layers=this.layers.mask,n.matrix=this.matrix.toArray(),n.up=this.up.toArray(),this.pivot!==null&&(n.pivot=this.pivot.toArray()),this.morphTargetDictionary!==void 0&&(n.morphTargetDictionary=Object.assign({},this.morphTargetDictionary)),this.morphTargetInfluences!==void 0&&(n.morphTargetInfluences=this.morphTargetInfluences.slice()),this.isInstancedMesh&&(n.type="InstancedMesh",n.count=this.count,n.instanceMatrix=this.instanceMatrix.toJSON(),this.instanceColor!==null&&(n.instanceColor=this.instanceColor.toJSON())),this.isBatchedMesh&&(n.type="BatchedMesh",n.perObjectFrustumCulled=this.perObjectFrustumCulled,n.sortObjects=this.sortObjects,n.drawRanges=this._drawRanges,n.reservedRanges=this._reservedRanges,n.geometryInfo=this._geometryInfo.map(a=>({...a,boundingBox:a.boundingBox?a.boundingBox.toJSON():void 0,boundingSphere:a.boundingSphere?a.boundingSphere.toJSON():void 0})),n.instanceInfo=this._instanceInfo.map(a=>({...a})),n.availableInstanceIds=this._availableInstanceIds.slice(),n.availableGeometryIds=this._availableGeometryIds.slice(),n.nextIndexStart=this._nextIndexStart,n.nextVertexStart=this._nextVertexStart,n.geometryCount=this._geometryCount,n.maxInstanceCount=this._maxInstanceCount,n.maxVertexCount=this._maxVertexCount,n.maxIndexCount=this._maxIndexCount,n.geometryInitialized=this._geometryInitialized,n.matricesTexture=this._matricesTexture.toJSON(t),n.indirectTexture=this._indirectTexture.toJSON(t),this._colorsTexture!==null&&(n.colorsTexture=this._colorsTexture.toJSON(t)),this.boundingSphere!==null&&(n.boundingSphere=this.boundingSphere.toJSON()),this.boundingBox!==null&&(n.boundingBox=this.boundingBox.toJSON()));function r(a,l){return a[l.uuid]===void 0&&(a[l.uuid]=l.toJSON(t)),l.uuid}if(this.isScene)this.background&&(this.background.isColor?n.background=this.background.toJSON():this.background.isTexture&&(n.background=this.background.toJSON(t).uuid)),this.environment&&this.environment.isTexture&&this.environment.isRenderTargetTexture!==!0&&(n.environment=this.environment.toJSON(t).uuid);else if(this.isMesh||this.isLine||this.isPoints){n.geometry=r(t.geometries,this.geometry);let a=this.geometry.parameters;if(a!==void 0&&a.shapes!==void 0){let l=a.shapes;if(Array.isArray(l))for(let c=0,h=l.length;c<h;c++){let u=l[c];r(t.shapes,u)}else r(t.shapes,l)}}if(this.isSkinnedMesh&&(n.bindMode=this.bindMode,n.bindMatrix=this.bindMatrix.toArray(),this.skeleton!==void 0&&(r(t.skeletons,this.skeleton),n.skeleton=this.skeleton.uuid)),this.material!==void 0)if(Array.isArray(this.material)){let a=[];for(let l=0,c=this.material.length;l<c;l++)a.push(r(t.materials,this.material[l]));n.material=a}else n.material=r(t.materials,this.material);if(this.children.length>0){n.children=[];for(let a=0;a<this.children.length;a++)n.children.push(this.children[a].toJSON(t).object)}if(this.animations.length>0){n.animations=[];for(let a=0;a<this.animations.length;a++){let l=this.animations[a];n.animations.push(r(t.animations,l))}}if(e){let a=o(t.geometries),l=o(t.materials),c=o(t.textures),h=o(t.images),u=o(t.shapes),d=o(t.skeletons),f=o(t.animations),m=o(t.nodes);a.length>0&&(i.geometries=a),l.length>0&&(i.materials=l),c.length>0&&(i.textures=c),h.length>0&&(i.images=h),u.length>0&&(i.shapes=u),d.length>0&&(i.skeletons=d),f.length>0&&(i.animations=f),m.length>0&&(i.nodes=m)}return i.object=n,i;function o(a){let l=[];for(let c in a){let h=a[c];delete h.metadata,l.push(h)}return l}}clone(t){return new this.constructor().copy(this,t)}copy(t,e=!0){if(this.name=t.name,this.up.copy(t.up),this.position.copy(t.position),this.rotation.order=t.rotation.order,this.quaternion.copy(t.quaternion),this.scale.copy(t.scale),this.pivot=t.pivot!==null?t.pivot.clone():null,this.matrix.copy(t.matrix),this.matrixWorld.copy(t.matrixWorld),this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrixWorldAutoUpdate=t.matrixWorldAutoUpdate,this.matrixWorldNeedsUpdate=t.matrixWorldNeedsUpdate,this.layers.mask=t.layers.mask,this.visible=t.visible,this.castShadow=t.castShadow,this.receiveShadow=t.receiveShadow,this.frustumCulled=t.frustumCulled,this.renderOrder=t.renderOrder,this.static=t.static,this.animations=t.animations.slice(),this.userData=JSON.parse(JSON.stringify(t.userData)),e===!0)for(let i=0;i<t.children.length;i++){let n=t.children[i];this.add(n.clone())}return this}dispose(){this.dispatchEvent({type:"dispose"})}};We.DEFAULT_UP=new R(0,1,0);We.DEFAULT_MATRIX_AUTO_UPDATE=!0;We.DEFAULT_MATRIX_WORLD_AUTO_UPDATE=!0;hn=class extends We{constructor(){super(),this.isGroup=!0,this.type="Group"}},rg={type:"move"},Ps=class{constructor(){this._targetRay=null,this._grip=null,this._hand=null}getHandSpace(){return this._hand===null&&(this._hand=new hn,this._hand.matrixAutoUpdate=!1,this._hand.visible=!1,this._hand.joints={},this._hand.inputState={pinching:!1}),this._hand}getTargetRaySpace(){return this._targetRay===null&&(this._targetRay=new hn,this._targetRay.matrixAutoUpdate=!1,this._targetRay.visible=!1,this._targetRay.hasLinearVelocity=!1,this._targetRay.linearVelocity=new R,this._targetRay.hasAngularVelocity=!1,this._targetRay.angularVelocity=new R),this._targetRay}getGripSpace(){return this._grip===null&&(this._grip=new hn,this._grip.matrixAutoUpdate=!1,this._grip.visible=!1,this._grip.hasLinearVelocity=!1,this._grip.linearVelocity=new R,this._grip.hasAngularVelocity=!1,this._grip.angularVelocity=new R,this._grip.eventsEnabled=!1),this._grip}dispatchEvent(t){return this._targetRay!==null&&this._targetRay.dispatchEvent(t),this._grip!==null&&this._grip.dispatchEvent(t),this._hand!==null&&this._hand.dispatchEvent(t),this}connect(t){if(t&&t.hand){let e=this._hand;if(e)for(let i of t.hand.values())this._getHandJoint(e,i)}return this.dispatchEvent({type:"connected",data:t}),this}disconnect(t){return this.dispatchEvent({type:"disconnected",data:t}),this._targetRay!==null&&(this._targetRay.visible=!1),this._grip!==null&&(this._grip.visible=!1),this._hand!==null&&(this._hand.visible=!1),this}update(t,e,i){let n=null,r=null,o=null,a=this._targetRay,l=this._grip,c=this._hand;if(t&&e.session.visibilityState!=="visible-blurred"){if(c&&t.hand){o=!0;for(let y of t.hand.values()){let p=e.getJointPose(y,i),_=this._getHandJoint(c,y);p!==null&&(_.matrix.fromArray(p.transform.matrix),_.matrix.decompose(_.position,_.quaternion,_.scale),_.matrixWorldNeedsUpdate=!0,_.jointRadius=p.radius),_.visible=p!==null}let h=c.joints["index-finger-tip"],u=c.joints["thumb-tip"],d=h.position.distanceTo(u.position),f=.02,m=.005;c.inputState.pinching&&d>f+m?(c.inputState.pinching=!1,this.dispatchEvent({type:"pinchend",handedness:t.handedness,target:this})):!c.inputState.pinching&&d<=f-m&&(c.inputState.pinching=!0,this.dispatchEvent({type:"pinchstart",handedness:t.handedness,target:this}))}else l!==null&&t.gripSpace&&(r=e.getPose(t.gripSpace,i),r!==null&&(l.matrix.fromArray(r.transform.matrix),l.matrix.decompose(l.position,l.quaternion,l.scale),l.matrixWorldNeedsUpdate=!0,r.linearVelocity?(l.hasLinearVelocity=!0,l.linearVelocity.copy(r.linearVelocity)):l.hasLinearVelocity=!1,r.angularVelocity?(l.hasAngularVelocity=!0,l.angularVelocity.copy(r.angularVelocity)):l.hasAngularVelocity=!1,l.eventsEnabled&&l.dispatchEvent({type:"gripUpdated",data:t,target:this})));a!==null&&(n=e.getPose(t.targetRaySpace,i),n===null&&r!==null&&(n=r),n!==null&&(a.matrix.fromArray(n.transform.matrix),a.matrix.decompose(a.position,a.quaternion,a.scale),a.matrixWorldNeedsUpdate=!0,n.linearVelocity?(a.hasLinearVelocity=!0,a.linearVelocity.copy(n.linearVelocity)):a.hasLinearVelocity=!1,n.angularVelocity?(a.hasAngularVelocity=!0,a.angularVelocity.copy(n.angularVelocity)):a.hasAngularVelocity=!1,this.dispatchEvent(rg)))}return a!==null&&(a.visible=n!==null),l!==null&&(l.visible=r!==null),c!==null&&(c.visible=o!==null),this}_getHandJoint(t,e){if(t.joints[e.jointName]===void 0){let i=new hn;i.matrixAutoUpdate=!1,i.visible=!1,t.joints[e.jointName]=i,t.add(i)}return t.joints[e.jointName]}},uf={aliceblue:15792383,antiquewhite:16444375,aqua:65535,aquamarine:8388564,azure:15794175,beige:16119260,bisque:16770244,black:0,blanchedalmond:16772045,blue:255,blueviolet:9055202,brown:10824234,burlywood:14596231,cadetblue:6266528,chartreuse:8388352,chocolate:13789470,coral:16744272,cornflowerblue:6591981,cornsilk:16775388,crimson:14423100,cyan:65535,darkblue:139,darkcyan:35723,darkgoldenrod:12092939,darkgray:11119017,darkgreen:25600,darkgrey:11119017,darkkhaki:12433259,darkmagenta:9109643,darkolivegreen:5597999,darkorange:16747520,darkorchid:10040012,darkred:9109504,darksalmon:15308410,darkseagreen:9419919,darkslateblue:4734347,darkslategray:3100495,darkslategrey:3100495,darkturquoise:52945,darkviolet:9699539,deeppink:16716947,deepskyblue:49151,dimgray:6908265,dimgrey:6908265,dodgerblue:2003199,firebrick:11674146,floralwhite:16775920,forestgreen:2263842,fuchsia:16711935,gainsboro:14474460,ghostwhite:16316671,gold:16766720,goldenrod:14329120,gray:8421504,green:32768,greenyellow:11403055,grey:8421504,honeydew:15794160,hotpink:16738740,indianred:13458524,indigo:4915330,ivory:16777200,khaki:15787660,lavender:15132410,lavenderblush:16773365,lawngreen:8190976,lemonchiffon:16775885,lightblue:11393254,lightcoral:15761536,lightcyan:14745599,lightgoldenrodyellow:16448210,lightgray:13882323,lightgreen:9498256,lightgrey:13882323,lightpink:16758465,lightsalmon:16752762,lightseagreen:2142890,lightskyblue:8900346,lightslategray:7833753,lightslategrey:7833753,lightsteelblue:11584734,lightyellow:16777184,lime:65280,limegreen:3329330,linen:16445670,magenta:16711935,maroon:8388608,mediumaquamarine:6737322,mediumblue:205,mediumorchid:12211667,mediumpurple:9662683,mediumseagreen:3978097,mediumslateblue:8087790,mediumspringgreen:64154,mediumturquoise:4772300,mediumvioletred:13047173,midnightblue:1644912,mintcream:16121850,mistyrose:16770273,moccasin:16770229,navajowhite:16768685,navy:128,oldlace:16643558,olive:8421376,olivedrab:7048739,orange:16753920,orangered:16729344,orchid:14315734,palegoldenrod:15657130,palegreen:10025880,paleturquoise:11529966,palevioletred:14381203,papayawhip:16773077,peachpuff:16767673,peru:13468991,pink:16761035,plum:14524637,powderblue:11591910,purple:8388736,rebeccapurple:6697881,red:16711680,rosybrown:12357519,royalblue:4286945,saddlebrown:9127187,salmon:16416882,sandybrown:16032864,seagreen:3050327,seashell:16774638,sienna:10506797,silver:12632256,skyblue:8900331,slateblue:6970061,slategray:7372944,slategrey:7372944,snow:16775930,springgreen:65407,steelblue:4620980,tan:13808780,teal:32896,thistle:14204888,tomato:16737095,turquoise:4251856,violet:15631086,wheat:16113331,white:16777215,whitesmoke:16119285,yellow:16776960,yellowgreen:10145074},bi={h:0,s:0,l:0},wo={h:0,s:0,l:0};Wt=class{constructor(t,e,i){return this.isColor=!0,this.r=1,this.g=1,this.b=1,this.set(t,e,i)}set(t,e,i){if(e===void 0&&i===void 0){let n=t;n&&n.isColor?this.copy(n):typeof n=="number"?this.setHex(n):typeof n=="string"&&this.setStyle(n)}else this.setRGB(t,e,i);return this}setScalar(t){return this.r=t,this.g=t,this.b=t,this}setHex(t,e=ln){return t=Math.floor(t),this.r=(t>>16&255)/255,this.g=(t>>8&255)/255,this.b=(t&255)/255,Jt.colorSpaceToWorking(this,e),this}setRGB(t,e,i,n=Jt.workingColorSpace){return this.r=t,this.g=e,this.b=i,Jt.colorSpaceToWorking(this,n),this}setHSL(t,e,i,n=Jt.workingColorSpace){if(t=bh(t,1),e=zt(e,0,1),i=zt(i,0,1),e===0)this.r=this.g=this.b=i;else{let r=i<=.5?i*(1+e):i+e-i*e,o=2*i-r;this.r=_c(o,r,t+1/3),this.g=_c(o,r,t),this.b=_c(o,r,t-1/3)}return Jt.colorSpaceToWorking(this,n),this}setStyle(t,e=ln){function i(r){r!==void 0&&parseFloat(r)<1&&Dt("Color: Alpha component of "+t+" will be ignored.")}let n;if(n=/^(\w+)\(([^\)]*)\)/.exec(t)){let r,o=n[1],a=n[2];switch(o){case"rgb":case"rgba":if(r=/^\s*(\d+)\s*,\s*(\d+)\s*,\s*(\d+)\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(a))return i(r[4]),this.setRGB(Math.min(255,parseInt(r[1],10))/255,Math.min(255,parseInt(r[2],10))/255,Math.min(255,parseInt(r[3],10))/255,e);if(r=/^\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(a))return i(r[4]),this.setRGB(Math.min(100,parseFloat(r[1]))/100,Math.min(100,parseFloat(r[2]))/100,Math.min(100,parseFloat(r[3]))/100,e);break;case"hsl":case"hsla":if(r=/^\s*([+-]?(?:\d+(?:\.\d+)?|\.\d+))\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(a))return i(r[4]),this.setHSL(parseFloat(r[1])/360,parseFloat(r[2])/100,parseFloat(r[3])/100,e);break;default:Dt("Color: Unknown color model "+t)}}else if(n=/^\#([A-Fa-f\d]+)$/.exec(t)){let r=n[1],o=r.length;if(o===3)return this.setRGB(parseInt(r.charAt(0),16)/15,parseInt(r.charAt(1),16)/15,parseInt(r.charAt(2),16)/15,e);if(o===6)return this.setHex(parseInt(r,16),e);Dt("Color: Invalid hex color "+t)}else if(t&&t.length>0)return this.setColorName(t,e);return this}setColorName(t,e=ln){let i=uf[t.toLowerCase()];return i!==void 0?this.setHex(i,e):Dt("Color: Unknown color "+t),this}clone(){return new this.constructor(this.r,this.g,this.b)}copy(t){return this.r=t.r,this.g=t.g,this.b=t.b,this}copySRGBToLinear(t){return this.r=li(t.r),this.g=li(t.g),this.b=li(t.b),this}copyLinearToSRGB(t){return this.r=Ms(t.r),this.g=Ms(t.g),this.b=Ms(t.b),this}convertSRGBToLinear(){return this.copySRGBToLinear(this),this}convertLinearToSRGB(){return this.copyLinearToSRGB(this),this}getHex(t=ln){return Jt.workingToColorSpace(tn.copy(this),t),Math.round(zt(tn.r*255,0,255))*65536+Math.round(zt(tn.g*255,0,255))*256+Math.round(zt(tn.b*255,0,255))}getHexString(t=ln){return("000000"+this.getHex(t).toString(16)).slice(-6)}getHSL(t,e=Jt.workingColorSpace){Jt.workingToColorSpace(tn.copy(this),e);let i=tn.r,n=tn.g,r=tn.b,o=Math.max(i,n,r),a=Math.min(i,n,r),l,c,h=(a+o)/2;if(a===o)l=0,c=0;else{let u=o-a;switch(c=h<=.5?u/(o+a):u/(2-o-a),o){case i:l=(n-r)/u+(n<r?6:0);break;case n:l=(r-i)/u+2;break;case r:l=(i-n)/u+4;break}l/=6}return t.h=l,t.s=c,t.l=h,t}getRGB(t,e=Jt.workingColorSpace){return Jt.workingToColorSpace(tn.copy(this),e),t.r=tn.r,t.g=tn.g,t.b=tn.b,t}getStyle(t=ln){Jt.workingToColorSpace(tn.copy(this),t);let e=tn.r,i=tn.g,n=tn.b;return t!==ln?`color(${t} ${e.toFixed(3)} ${i.toFixed(3)} ${n.toFixed(3)})`:`rgb(${Math.round(e*255)},${Math.round(i*255)},${Math.round(n*255)})`}offsetHSL(t,e,i){return this.getHSL(bi),this.setHSL(bi.h+t,bi.s+e,bi.l+i)}add(t){return this.r+=t.r,this.g+=t.g,this.b+=t.b,this}addColors(t,e){return this.r=t.r+e.r,this.g=t.g+e.g,this.b=t.b+e.b,this}addScalar(t){return this.r+=t,this.g+=t,this.b+=t,this}sub(t){return this.r=Math.max(0,this.r-t.r),this.g=Math.max(0,this.g-t.g),this.b=Math.max(0,this.b-t.b),this}multiply(t){return this.r*=t.r,this.g*=t.g,this.b*=t.b,this}multiplyScalar(t){return this.r*=t,this.g*=t,this.b*=t,this}lerp(t,e){return this.r+=(t.r-this.r)*e,this.g+=(t.g-this.g)*e,this.b+=(t.b-this.b)*e,this}lerpColors(t,e,i){return this.r=t.r+(e.r-t.r)*i,this.g=t.g+(e.g-t.g)*i,this.b=t.b+(e.b-t.b)*i,this}lerpHSL(t,e){this.getHSL(bi),t.getHSL(wo);let i=xr(bi.h,wo.h,e),n=xr(bi.s,wo.s,e),r=xr(bi.l,wo.l,e);return this.setHSL(i,n,r),this}setFromVector3(t){return this.r=t.x,this.g=t.y,this.b=t.z,this}applyMatrix3(t){let e=this.r,i=this.g,n=this.b,r=t.elements;return this.r=r[0]*e+r[3]*i+r[6]*n,this.g=r[1]*e+r[4]*i+r[7]*n,this.b=r[2]*e+r[5]*i+r[8]*n,this}equals(t){return t.r===this.r&&t.g===this.g&&t.b===this.b}fromArray(t,e=0){return this.r=t[e],this.g=t[e+1],this.b=t[e+2],this}toArray(t=[],e=0){return t[e]=this.r,t[e+1]=this.g,t[e+2]=this.b,t}fromBufferAttribute(t,e){return this.r=t.getX(e),this.g=t.getY(e),this.b=t.getZ(e),this}toJSON(){return this.getHex()}*[Symbol.iterator](){yield this.r,yield this.g,yield this.b}},tn=new Wt;Wt.NAMES=uf;Er=class extends We{constructor(){super(),this.isScene=!0,this.type="Scene",this.background=null,this.environment=null,this.fog=null,this.backgroundBlurriness=0,this.backgroundIntensity=1,this.backgroundRotation=new hi,this.environmentIntensity=1,this.environmentRotation=new hi,this.overrideMaterial=null,typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}copy(t,e){return super.copy(t,e),this.background=t.background!==null?t.background.clone():null,this.environment=t.environment!==null?t.environment.clone():null,this.fog=t.fog!==null?t.fog.clone():null,this.backgroundBlurriness=t.backgroundBlurriness,this.backgroundIntensity=t.backgroundIntensity,this.backgroundRotation.copy(t.backgroundRotation),this.environmentIntensity=t.environmentIntensity,this.environmentRotation.copy(t.environmentRotation),this.overrideMaterial=t.overrideMaterial!==null?t.overrideMaterial.clone():null,this.matrixAutoUpdate=t.matrixAutoUpdate,this}toJSON(t){let e=super.toJSON(t);return this.fog!==null&&(e.object.fog=this.fog.toJSON()),e.object.backgroundBlurriness=this.backgroundBlurriness,e.object.backgroundIntensity=this.backgroundIntensity,e.object.backgroundRotation=this.backgroundRotation.toArray(),e.object.environmentIntensity=this.environmentIntensity,e.object.environmentRotation=this.environmentRotation.toArray(),e}},Bn=new R,si=new R,xc=new R,ri=new R,ds=new R,fs=new R,Qu=new R,yc=new R,vc=new R,Sc=new R,bc=new be,Mc=new be,wc=new be,nn=class s{constructor(t=new R,e=new R,i=new R){this.a=t,this.b=e,this.c=i}static getNormal(t,e,i,n){n.subVectors(i,e),Bn.subVectors(t,e),n.cross(Bn);let r=n.lengthSq();return r>0?n.multiplyScalar(1/Math.sqrt(r)):n.set(0,0,0)}static getBarycoord(t,e,i,n,r){Bn.subVectors(n,e),si.subVectors(i,e),xc.subVectors(t,e);let o=Bn.dot(Bn),a=Bn.dot(si),l=Bn.dot(xc),c=si.dot(si),h=si.dot(xc),u=o*c-a*a;if(u===0)return r.set(0,0,0),null;let d=1/u,f=(c*l-a*h)*d,m=(o*h-a*l)*d;return r.set(1-f-m,m,f)}static containsPoint(t,e,i,n){return this.getBarycoord(t,e,i,n,ri)===null?!1:ri.x>=0&&ri.y>=0&&ri.x+ri.y<=1}static getInterpolation(t,e,i,n,r,o,a,l){return this.getBarycoord(t,e,i,n,ri)===null?(l.x=0,l.y=0,"z"in l&&(l.z=0),"w"in l&&(l.w=0),null):(l.setScalar(0),l.addScaledVector(r,ri.x),l.addScaledVector(o,ri.y),l.addScaledVector(a,ri.z),l)}static getInterpolatedAttribute(t,e,i,n,r,o){return bc.setScalar(0),Mc.setScalar(0),wc.setScalar(0),bc.fromBufferAttribute(t,e),Mc.fromBufferAttribute(t,i),wc.fromBufferAttribute(t,n),o.setScalar(0),o.addScaledVector(bc,r.x),o.addScaledVector(Mc,r.y),o.addScaledVector(wc,r.z),o}static isFrontFacing(t,e,i,n){return Bn.subVectors(i,e),si.subVectors(t,e),Bn.cross(si).dot(n)<0}set(t,e,i){return this.a.copy(t),this.b.copy(e),this.c.copy(i),this}setFromPointsAndIndices(t,e,i,n){return this.a.copy(t[e]),this.b.copy(t[i]),this.c.copy(t[n]),this}setFromAttributeAndIndices(t,e,i,n){return this.a.fromBufferAttribute(t,e),this.b.fromBufferAttribute(t,i),this.c.fromBufferAttribute(t,n),this}clone(){return new this.constructor().copy(this)}copy(t){return this.a.copy(t.a),this.b.copy(t.b),this.c.copy(t.c),this}getArea(){return Bn.subVectors(this.c,this.b),si.subVectors(this.a,this.b),Bn.cross(si).length()*.5}getMidpoint(t){return t.addVectors(this.a,this.b).add(this.c).multiplyScalar(1/3)}getNormal(t){return s.getNormal(this.a,this.b,this.c,t)}getPlane(t){return t.setFromCoplanarPoints(this.a,this.b,this.c)}getBarycoord(t,e){return s.getBarycoord(t,this.a,this.b,this.c,e)}getInterpolation(t,e,i,n,r){return s.getInterpolation(t,this.a,this.b,this.c,e,i,n,r)}containsPoint(t){return s.containsPoint(t,this.a,this.b,this.c)}isFrontFacing(t){return s.isFrontFacing(this.a,this.b,this.c,t)}intersectsBox(t){return t.intersectsTriangle(this)}closestPointToPoint(t,e){let i=this.a,n=this.b,r=this.c,o,a;ds.subVectors(n,i),fs.subVectors(r,i),yc.subVectors(t,i);let l=ds.dot(yc),c=fs.dot(yc);if(l<=0&&c<=0)return e.copy(i);vc.subVectors(t,n);let h=ds.dot(vc),u=fs.dot(vc);if(h>=0&&u<=h)return e.copy(n);let d=l*u-h*c;if(d<=0&&l>=0&&h<=0&&l-h>0)return o=l/(l-h),e.copy(i).addScaledVector(ds,o);Sc.subVectors(t,r);let f=ds.dot(Sc),m=fs.dot(Sc);if(m>=0&&f<=m)return e.copy(r);let y=f*c-l*m;if(y<=0&&c>=0&&m<=0)return a=c/(c-m),e.copy(i).addScaledVector(fs,a);let p=h*m-f*u;if(p<=0&&u-h>=0&&f-m>=0)return Qu.subVectors(r,n),a=(u-h)/(u-h+(f-m)),e.copy(n).addScaledVector(Qu,a);let _=1/(p+y+d);return o=y*_,a=d*_,e.copy(i).addScaledVector(ds,o).addScaledVector(fs,a)}equals(t){return t.a.equals(this.a)&&t.b.equals(this.b)&&t.c.equals(this.c)}},ie=class{constructor(t=new R(1/0,1/0,1/0),e=new R(-1/0,-1/0,-1/0)){this.isBox3=!0,this.min=t,this.max=e}set(t,e){return this.min.copy(t),this.max.copy(e),this}setFromArray(t){this.makeEmpty();for(let e=0,i=t.length;e<i;e+=3)this.expandByPoint(kn.fromArray(t,e));return this}setFromBufferAttribute(t){this.makeEmpty();for(let e=0,i=t.count;e<i;e++)this.expandByPoint(kn.fromBufferAttribute(t,e));return this}setFromPoints(t){this.makeEmpty();for(let e=0,i=t.length;e<i;e++)this.expandByPoint(t[e]);return this}setFromCenterAndSize(t,e){let i=kn.copy(e).multiplyScalar(.5);return this.min.copy(t).sub(i),this.max.copy(t).add(i),this}setFromObject(t,e=!1){return this.makeEmpty(),this.expandByObject(t,e)}clone(){return new this.constructor().copy(this)}copy(t){return this.min.copy(t.min),this.max.copy(t.max),this}makeEmpty(){return this.min.x=this.min.y=this.min.z=1/0,this.max.x=this.max.y=this.max.z=-1/0,this}isEmpty(){return this.max.x<this.min.x||this.max.y<this.min.y||this.max.z<this.min.z}getCenter(t){return this.isEmpty()?t.set(0,0,0):t.addVectors(this.min,this.max).multiplyScalar(.5)}getSize(t){return this.isEmpty()?t.set(0,0,0):t.subVectors(this.max,this.min)}expandByPoint(t){return this.min.min(t),this.max.max(t),this}expandByVector(t){return this.min.sub(t),this.max.add(t),this}expandByScalar(t){return this.min.addScalar(-t),this.max.addScalar(t),this}expandByObject(t,e=!1){t.updateWorldMatrix(!1,!1);let i=t.geometry;if(i!==void 0){let r=i.getAttribute("position");if(e===!0&&r!==void 0&&t.isInstancedMesh!==!0&&t.isBatchedMesh!==!0)for(let o=0,a=r.count;o<a;o++)t.isMesh===!0?t.getVertexPosition(o,kn):kn.fromBufferAttribute(r,o),kn.applyMatrix4(t.matrixWorld),this.expandByPoint(kn);else t.boundingBox!==void 0?(t.boundingBox===null&&t.computeBoundingBox(),To.copy(t.boundingBox)):(i.boundingBox===null&&i.computeBoundingBox(),To.copy(i.boundingBox)),To.applyMatrix4(t.matrixWorld),this.union(To)}let n=t.children;for(let r=0,o=n.length;r<o;r++)this.expandByObject(n[r],e);return this}containsPoint(t){return t.x>=this.min.x&&t.x<=this.max.x&&t.y>=this.min.y&&t.y<=this.max.y&&t.z>=this.min.z&&t.z<=this.max.z}containsBox(t){return this.min.x<=t.min.x&&t.max.x<=this.max.x&&this.min.y<=t.min.y&&t.max.y<=this.max.y&&this.min.z<=t.min.z&&t.max.z<=this.max.z}getParameter(t,e){return e.set((t.x-this.min.x)/(this.max.x-this.min.x),(t.y-this.min.y)/(this.max.y-this.min.y),(t.z-this.min.z)/(this.max.z-this.min.z))}intersectsBox(t){return t.max.x>=this.min.x&&t.min.x<=this.max.x&&t.max.y>=this.min.y&&t.min.y<=this.max.y&&t.max.z>=this.min.z&&t.min.z<=this.max.z}intersectsSphere(t){return this.clampPoint(t.center,kn),kn.distanceToSquared(t.center)<=t.radius*t.radius}intersectsPlane(t){let e,i;return t.normal.x>0?(e=t.normal.x*this.min.x,i=t.normal.x*this.max.x):(e=t.normal.x*this.max.x,i=t.normal.x*this.min.x),t.normal.y>0?(e+=t.normal.y*this.min.y,i+=t.normal.y*this.max.y):(e+=t.normal.y*this.max.y,i+=t.normal.y*this.min.y),t.normal.z>0?(e+=t.normal.z*this.min.z,i+=t.normal.z*this.max.z):(e+=t.normal.z*this.max.z,i+=t.normal.z*this.min.z),e<=-t.constant&&i>=-t.constant}intersectsTriangle(t){if(this.isEmpty())return!1;this.getCenter(dr),Eo.subVectors(this.max,dr),ps.subVectors(t.a,dr),ms.subVectors(t.b,dr),gs.subVectors(t.c,dr),Mi.subVectors(ms,ps),wi.subVectors(gs,ms),Wi.subVectors(ps,gs);let e=[0,-Mi.z,Mi.y,0,-wi.z,wi.y,0,-Wi.z,Wi.y,Mi.z,0,-Mi.x,wi.z,0,-wi.x,Wi.z,0,-Wi.x,-Mi.y,Mi.x,0,-wi.y,wi.x,0,-Wi.y,Wi.x,0];return!Tc(e,ps,ms,gs,Eo)||(e=[1,0,0,0,1,0,0,0,1],!Tc(e,ps,ms,gs,Eo))?!1:(Ao.crossVectors(Mi,wi),e=[Ao.x,Ao.y,Ao.z],Tc(e,ps,ms,gs,Eo))}clampPoint(t,e){return e.copy(t).clamp(this.min,this.max)}distanceToPoint(t){return this.clampPoint(t,kn).distanceTo(t)}getBoundingSphere(t){return this.isEmpty()?t.makeEmpty():(this.getCenter(t.center),t.radius=this.getSize(kn).length()*.5),t}intersect(t){return this.min.max(t.min),this.max.min(t.max),this.isEmpty()&&this.makeEmpty(),this}union(t){return this.min.min(t.min),this.max.max(t.max),this}applyMatrix4(t){return this.isEmpty()?this:(oi[0].set(this.min.x,this.min.y,this.min.z).applyMatrix4(t),oi[1].set(this.min.x,this.min.y,this.max.z).applyMatrix4(t),oi[2].set(this.min.x,this.max.y,this.min.z).applyMatrix4(t),oi[3].set(this.min.x,this.max.y,this.max.z).applyMatrix4(t),oi[4].set(this.max.x,this.min.y,this.min.z).applyMatrix4(t),oi[5].set(this.max.x,this.min.y,this.max.z).applyMatrix4(t),oi[6].set(this.max.x,this.max.y,this.min.z).applyMatrix4(t),oi[7].set(this.max.x,this.max.y,this.max.z).applyMatrix4(t),this.setFromPoints(oi),this)}translate(t){return this.min.add(t),this.max.add(t),this}equals(t){return t.min.equals(this.min)&&t.max.equals(this.max)}toJSON(){return{min:this.min.toArray(),max:this.max.toArray()}}fromJSON(t){return this.min.fromArray(t.min),this.max.fromArray(t.max),this}},oi=[new R,new R,new R,new R,new R,new R,new R,new R],kn=new R,To=new ie,ps=new R,ms=new R,gs=new R,Mi=new R,wi=new R,Wi=new R,dr=new R,Eo=new R,Ao=new R,qi=new R;De=new R,Co=new ht,og=0,we=class extends zn{constructor(t,e,i=!1){if(super(),Array.isArray(t))throw new TypeError("THREE.BufferAttribute: array should be a Typed Array.");this.isBufferAttribute=!0,Object.defineProperty(this,"id",{value:og++}),this.name="",this.array=t,this.itemSize=e,this.count=t!==void 0?t.length/e:0,this.normalized=i,this.usage=sf,this.updateRanges=[],this.gpuType=Mn,this.version=0,this._normalizationScale=t!==void 0?wh(t):void 0}onUploadCallback(){}set needsUpdate(t){t===!0&&this.version++}setUsage(t){return this.usage=t,this}addUpdateRange(t,e){this.updateRanges.push({start:t,count:e})}clearUpdateRanges(){this.updateRanges.length=0}copy(t){return this.name=t.name,this.array=new t.array.constructor(t.array),this.itemSize=t.itemSize,this.count=t.count,this.normalized=t.normalized,this.usage=t.usage,this.gpuType=t.gpuType,this._normalizationScale=t._normalizationScale,this}copyAt(t,e,i){t*=this.itemSize,i*=e.itemSize;for(let n=0,r=this.itemSize;n<r;n++)this.array[t+n]=e.array[i+n];return this}copyArray(t){return this.array.set(t),this}applyMatrix3(t){if(this.itemSize===2)for(let e=0,i=this.count;e<i;e++)Co.fromBufferAttribute(this,e),Co.applyMatrix3(t),this.setXY(e,Co.x,Co.y);else if(this.itemSize===3)for(let e=0,i=this.count;e<i;e++)De.fromBufferAttribute(this,e),De.applyMatrix3(t),this.setXYZ(e,De.x,De.y,De.z);return this}applyMatrix4(t){for(let e=0,i=this.count;e<i;e++)De.fromBufferAttribute(this,e),De.applyMatrix4(t),this.setXYZ(e,De.x,De.y,De.z);return this}applyNormalMatrix(t){for(let e=0,i=this.count;e<i;e++)De.fromBufferAttribute(this,e),De.applyNormalMatrix(t),this.setXYZ(e,De.x,De.y,De.z);return this}transformDirection(t){for(let e=0,i=this.count;e<i;e++)De.fromBufferAttribute(this,e),De.transformDirection(t),this.setXYZ(e,De.x,De.y,De.z);return this}set(t,e=0){return this.array.set(t,e),this}getComponent(t,e){let i=this.array[t*this.itemSize+e];return this.normalized&&(i=this._denormalize(i)),i}setComponent(t,e,i){return this.normalized&&(i=this._normalize(i)),this.array[t*this.itemSize+e]=i,this}getX(t){let e=this.array[t*this.itemSize];return this.normalized&&(e=this._denormalize(e)),e}setX(t,e){return this.normalized&&(e=this._normalize(e)),this.array[t*this.itemSize]=e,this}getY(t){let e=this.array[t*this.itemSize+1];return this.normalized&&(e=this._denormalize(e)),e}setY(t,e){return this.normalized&&(e=this._normalize(e)),this.array[t*this.itemSize+1]=e,this}getZ(t){let e=this.array[t*this.itemSize+2];return this.normalized&&(e=this._denormalize(e)),e}setZ(t,e){return this.normalized&&(e=this._normalize(e)),this.array[t*this.itemSize+2]=e,this}getW(t){let e=this.array[t*this.itemSize+3];return this.normalized&&(e=this._denormalize(e)),e}setW(t,e){return this.normalized&&(e=this._normalize(e)),this.array[t*this.itemSize+3]=e,this}setXY(t,e,i){return t*=this.itemSize,this.normalized&&(e=this._normalize(e),i=this._normalize(i)),this.array[t+0]=e,this.array[t+1]=i,this}setXYZ(t,e,i,n){return t*=this.itemSize,this.normalized&&(e=this._normalize(e),i=this._normalize(i),n=this._normalize(n)),this.array[t+0]=e,this.array[t+1]=i,this.array[t+2]=n,this}setXYZW(t,e,i,n,r){return t*=this.itemSize,this.normalized&&(e=this._normalize(e),i=this._normalize(i),n=this._normalize(n),r=this._normalize(r)),this.array[t+0]=e,this.array[t+1]=i,this.array[t+2]=n,this.array[t+3]=r,this}onUpload(t){return this.onUploadCallback=t,this}clone(){return new this.constructor(this.array,this.itemSize).copy(this)}toJSON(){let t={itemSize:this.itemSize,type:this.array.constructor.name,array:Array.from(this.array),normalized:this.normalized};return t.name=this.name,t.usage=this.usage,t.gpuType=this.gpuType,t}dispose(){this.dispatchEvent({type:"dispose"})}_denormalize(t){let e=this._normalizationScale;return e!==void 0?Math.max(t/e,-1):cf(t,this.array)}_normalize(t){let e=this._normalizationScale;return e!==void 0?Math.round(t*e):hf(t,this.array)}},Ar=class extends we{constructor(t,e,i){super(new Uint16Array(t),e,i)}},Cr=class extends we{constructor(t,e,i){super(new Uint32Array(t),e,i)}},Ne=class extends we{constructor(t,e,i){super(new Float32Array(t),e,i)}},ag=new ie,fr=new R,Ec=new R,Ye=class{constructor(t=new R,e=-1){this.isSphere=!0,this.center=t,this.radius=e}set(t,e){return this.center.copy(t),this.radius=e,this}setFromPoints(t,e){let i=this.center;e!==void 0?i.copy(e):ag.setFromPoints(t).getCenter(i);let n=0;for(let r=0,o=t.length;r<o;r++)n=Math.max(n,i.distanceToSquared(t[r]));return this.radius=Math.sqrt(n),this}copy(t){return this.center.copy(t.center),this.radius=t.radius,this}isEmpty(){return this.radius<0}makeEmpty(){return this.center.set(0,0,0),this.radius=-1,this}containsPoint(t){return t.distanceToSquared(this.center)<=this.radius*this.radius}distanceToPoint(t){return t.distanceTo(this.center)-this.radius}intersectsSphere(t){let e=this.radius+t.radius;return t.center.distanceToSquared(this.center)<=e*e}intersectsBox(t){return t.intersectsSphere(this)}intersectsPlane(t){return Math.abs(t.distanceToPoint(this.center))<=this.radius}clampPoint(t,e){let i=this.center.distanceToSquared(t);return e.copy(t),i>this.radius*this.radius&&(e.sub(this.center).normalize(),e.multiplyScalar(this.radius).add(this.center)),e}getBoundingBox(t){return this.isEmpty()?(t.makeEmpty(),t):(t.set(this.center,this.center),t.expandByScalar(this.radius),t)}applyMatrix4(t){return this.center.applyMatrix4(t),this.radius=this.radius*t.getMaxScaleOnAxis(),this}translate(t){return this.center.add(t),this}expandByPoint(t){if(this.isEmpty())return this.center.copy(t),this.radius=0,this;fr.subVectors(t,this.center);let e=fr.lengthSq();if(e>this.radius*this.radius){let i=Math.sqrt(e),n=(i-this.radius)*.5;this.center.addScaledVector(fr,n/i),this.radius+=n}return this}union(t){return t.isEmpty()?this:this.isEmpty()?(this.copy(t),this):(this.center.equals(t.center)===!0?this.radius=Math.max(this.radius,t.radius):(Ec.subVectors(t.center,this.center).setLength(t.radius),this.expandByPoint(fr.copy(t.center).add(Ec)),this.expandByPoint(fr.copy(t.center).sub(Ec))),this)}equals(t){return t.center.equals(this.center)&&t.radius===this.radius}clone(){return new this.constructor().copy(this)}toJSON(){return{radius:this.radius,center:this.center.toArray()}}fromJSON(t){return this.radius=t.radius,this.center.fromArray(t.center),this}},lg=0,Rn=new kt,Ac=new We,_s=new R,bn=new ie,pr=new ie,He=new R,Te=class s extends zn{constructor(){super(),this.isBufferGeometry=!0,Object.defineProperty(this,"id",{value:lg++}),this.uuid=Hs(),this.name="",this.type="BufferGeometry",this.index=null,this.indirect=null,this.indirectOffset=0,this.attributes={},this.morphAttributes={},this.morphTargetsRelative=!1,this.groups=[],this.boundingBox=null,this.boundingSphere=null,this.drawRange={start:0,count:1/0},this.userData={},this._transformed=!1}getIndex(){return this.index}setIndex(t){return Array.isArray(t)?this.index=new(Dm(t)?Cr:Ar)(t,1):this.index=t,this}setIndirect(t,e=0){return this.indirect=t,this.indirectOffset=e,this}getIndirect(){return this.indirect}getAttribute(t){return this.attributes[t]}setAttribute(t,e){return this.attributes[t]=e,this}deleteAttribute(t){return delete this.attributes[t],this}hasAttribute(t){return this.attributes[t]!==void 0}addGroup(t,e,i=0){this.groups.push({start:t,count:e,materialIndex:i})}clearGroups(){this.groups=[]}setDrawRange(t,e){this.drawRange.start=t,this.drawRange.count=e}applyMatrix4(t){let e=this.attributes.position;e!==void 0&&(e.applyMatrix4(t),e.needsUpdate=!0);let i=this.attributes.normal;if(i!==void 0){let r=new Vt().getNormalMatrix(t);i.applyNormalMatrix(r),i.needsUpdate=!0}let n=this.attributes.tangent;return n!==void 0&&(n.transformDirection(t),n.needsUpdate=!0),this.boundingBox!==null&&this.computeBoundingBox(),this.boundingSphere!==null&&this.computeBoundingSphere(),this._transformed=!0,this}applyQuaternion(t){return Rn.makeRotationFromQuaternion(t),this.applyMatrix4(Rn),this}rotateX(t){return Rn.makeRotationX(t),this.applyMatrix4(Rn),this}rotateY(t){return Rn.makeRotationY(t),this.applyMatrix4(Rn),this}rotateZ(t){return Rn.makeRotationZ(t),this.applyMatrix4(Rn),this}translate(t,e,i){return Rn.makeTranslation(t,e,i),this.applyMatrix4(Rn),this}scale(t,e,i){return Rn.makeScale(t,e,i),this.applyMatrix4(Rn),this}lookAt(t){return Ac.lookAt(t),Ac.updateMatrix(),this.applyMatrix4(Ac.matrix),this}center(){return this.computeBoundingBox(),this.boundingBox.getCenter(_s).negate(),this.translate(_s.x,_s.y,_s.z),this}setFromPoints(t){let e=this.getAttribute("position");if(e===void 0){let i=[];for(let n=0,r=t.length;n<r;n++){let o=t[n];i.push(o.x,o.y,o.z||0)}this.setAttribute("position",new Ne(i,3))}else{let i=Math.min(t.length,e.count);for(let n=0;n<i;n++){let r=t[n];e.setXYZ(n,r.x,r.y,r.z||0)}t.length>e.count&&Dt("BufferGeometry: Buffer size too small for points data. Use .dispose() and create a new geometry."),e.needsUpdate=!0}return this}computeBoundingBox(){this.boundingBox===null&&(this.boundingBox=new ie);let t=this.attributes.position,e=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){Ot("BufferGeometry.computeBoundingBox(): GLBufferAttribute requires a manual bounding box.",this),this.boundingBox.set(new R(-1/0,-1/0,-1/0),new R(1/0,1/0,1/0));return}if(t!==void 0){if(this.boundingBox.setFromBufferAttribute(t),e)for(let i=0,n=e.length;i<n;i++){let r=e[i];bn.setFromBufferAttribute(r),this.morphTargetsRelative?(He.addVectors(this.boundingBox.min,bn.min),this.boundingBox.expandByPoint(He),He.addVectors(this.boundingBox.max,bn.max),this.boundingBox.expandByPoint(He)):(this.boundingBox.expandByPoint(bn.min),this.boundingBox.expandByPoint(bn.max))}}else this.boundingBox.makeEmpty();(isNaN(this.boundingBox.min.x)||isNaN(this.boundingBox.min.y)||isNaN(this.boundingBox.min.z))&&Ot('BufferGeometry.computeBoundingBox(): Computed min/max have NaN values. The "position" attribute is likely to have NaN values.',this)}computeBoundingSphere(){this.boundingSphere===null&&(this.boundingSphere=new Ye);let t=this.attributes.position,e=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){Ot("BufferGeometry.computeBoundingSphere(): GLBufferAttribute requires a manual bounding sphere.",this),this.boundingSphere.set(new R,1/0);return}if(t){let i=this.boundingSphere.center;if(bn.setFromBufferAttribute(t),e)for(let r=0,o=e.length;r<o;r++){let a=e[r];pr.setFromBufferAttribute(a),this.morphTargetsRelative?(He.addVectors(bn.min,pr.min),bn.expandByPoint(He),He.addVectors(bn.max,pr.max),bn.expandByPoint(He)):(bn.expandByPoint(pr.min),bn.expandByPoint(pr.max))}bn.getCenter(i);let n=0;for(let r=0,o=t.count;r<o;r++)He.fromBufferAttribute(t,r),n=Math.max(n,i.distanceToSquared(He));if(e)for(let r=0,o=e.length;r<o;r++){let a=e[r],l=this.morphTargetsRelative;for(let c=0,h=a.count;c<h;c++)He.fromBufferAttribute(a,c),l&&(_s.fromBufferAttribute(t,c),He.add(_s)),n=Math.max(n,i.distanceToSquared(He))}this.boundingSphere.radius=Math.sqrt(n),isNaN(this.boundingSphere.radius)&&Ot('BufferGeometry.computeBoundingSphere(): Computed radius is NaN. The "position" attribute is likely to have NaN values.',this)}}computeTangents(){let t=this.index,e=this.attributes;if(t===null||e.position===void 0||e.normal===void 0||e.uv===void 0){Ot("BufferGeometry: .computeTangents() failed. Missing required attributes (index, position, normal or uv)");return}let i=e.position,n=e.normal,r=e.uv,o=this.getAttribute("tangent");(o===void 0||o.count!==i.count)&&(o=new we(new Float32Array(4*i.count),4),this.setAttribute("tangent",o));let a=[],l=[],c=new Uint8Array(i.count);for(let C=0;C<i.count;C++)a[C]=new R,l[C]=new R;let h=new R,u=new R,d=new R,f=new ht,m=new ht,y=new ht,p=new R,_=new R;function x(C,T,P){c[C]=c[T]=c[P]=1,h.fromBufferAttribute(i,C),u.fromBufferAttribute(i,T),d.fromBufferAttribute(i,P),f.fromBufferAttribute(r,C),m.fromBufferAttribute(r,T),y.fromBufferAttribute(r,P),u.sub(h),d.sub(h),m.sub(f),y.sub(f);let I=1/(m.x*y.y-y.x*m.y);isFinite(I)&&(p.copy(u).multiplyScalar(y.y).addScaledVector(d,-m.y).multiplyScalar(I),_.copy(d).multiplyScalar(m.x).addScaledVector(u,-y.x).multiplyScalar(I),a[C].add(p),a[T].add(p),a[P].add(p),l[C].add(_),l[T].add(_),l[P].add(_))}let S=this.groups;S.length===0&&(S=[{start:0,count:t.count}]);for(let C=0,T=S.length;C<T;++C){let P=S[C],I=P.start,U=P.count;for(let L=I,k=I+U;L<k;L+=3)x(t.getX(L+0),t.getX(L+1),t.getX(L+2))}let v=new R,M=new R,w=new R,g=new R;function b(C){w.fromBufferAttribute(n,C),g.copy(w);let T=a[C];v.copy(T),v.sub(w.multiplyScalar(w.dot(T))).normalize(),M.crossVectors(g,T);let I=M.dot(l[C])<0?-1:1;o.setXYZW(C,v.x,v.y,v.z,I)}for(let C=0,T=i.count;C<T;++C)c[C]&&b(C);this._transformed=!0}computeVertexNormals(){let t=this.index,e=this.getAttribute("position");if(e!==void 0){let i=this.getAttribute("normal");if(i===void 0||i.count!==e.count)i=new we(new Float32Array(e.count*3),3),this.setAttribute("normal",i);else for(let d=0,f=i.count;d<f;d++)i.setXYZ(d,0,0,0);let n=new R,r=new R,o=new R,a=new R,l=new R,c=new R,h=new R,u=new R;if(t)for(let d=0,f=t.count;d<f;d+=3){let m=t.getX(d+0),y=t.getX(d+1),p=t.getX(d+2);n.fromBufferAttribute(e,m),r.fromBufferAttribute(e,y),o.fromBufferAttribute(e,p),h.subVectors(o,r),u.subVectors(n,r),h.cross(u),a.fromBufferAttribute(i,m),l.fromBufferAttribute(i,y),c.fromBufferAttribute(i,p),a.add(h),l.add(h),c.add(h),i.setXYZ(m,a.x,a.y,a.z),i.setXYZ(y,l.x,l.y,l.z),i.setXYZ(p,c.x,c.y,c.z)}else for(let d=0,f=e.count;d<f;d+=3)n.fromBufferAttribute(e,d+0),r.fromBufferAttribute(e,d+1),o.fromBufferAttribute(e,d+2),h.subVectors(o,r),u.subVectors(n,r),h.cross(u),i.setXYZ(d+0,h.x,h.y,h.z),i.setXYZ(d+1,h.x,h.y,h.z),i.setXYZ(d+2,h.x,h.y,h.z);this.normalizeNormals(),i.needsUpdate=!0}}normalizeNormals(){let t=this.attributes.normal;for(let e=0,i=t.count;e<i;e++)He.fromBufferAttribute(t,e),He.normalize(),t.setXYZ(e,He.x,He.y,He.z)}toNonIndexed(){function t(a,l){let c=a.array,h=a.itemSize,u=a.normalized,d=new c.constructor(l.length*h),f=0,m=0;for(let y=0,p=l.length;y<p;y++){a.isInterleavedBufferAttribute?f=l[y]*a.data.stride+a.offset:f=l[y]*h;for(let _=0;_<h;_++)d[m++]=c[f++]}return new we(d,h,u)}if(this.index===null)return Dt("BufferGeometry.toNonIndexed(): BufferGeometry is already non-indexed."),this;let e=new s,i=this.index.array,n=this.attributes;for(let a in n){let l=n[a],c=t(l,i);e.setAttribute(a,c)}let r=this.morphAttributes;for(let a in r){let l=[],c=r[a];for(let h=0,u=c.length;h<u;h++){let d=c[h],f=t(d,i);l.push(f)}e.morphAttributes[a]=l}e.morphTargetsRelative=this.morphTargetsRelative;let o=this.groups;for(let a=0,l=o.length;a<l;a++){let c=o[a];e.addGroup(c.start,c.count,c.materialIndex)}return e}toJSON(){let t={metadata:{version:4.7,type:"BufferGeometry",generator:"BufferGeometry.toJSON"}};if(t.uuid=this.uuid,t.type=this.parameters!==void 0&&this._transformed===!0?"BufferGeometry":this.type,t.name=this.name,Object.keys(this.userData).length>0&&(t.userData=this.userData),this.parameters!==void 0&&this._transformed!==!0){let l=this.parameters;for(let c in l)l[c]!==void 0&&(t[c]=l[c]);return t}t.data={attributes:{}};let e=this.index;e!==null&&(t.data.index={type:e.array.constructor.name,array:Array.prototype.slice.call(e.array)});let i=this.attributes;for(let l in i){let c=i[l];t.data.attributes[l]=c.toJSON(t.data)}let n={},r=!1;for(let l in this.morphAttributes){let c=this.morphAttributes[l],h=[];for(let u=0,d=c.length;u<d;u++){let f=c[u];h.push(f.toJSON(t.data))}h.length>0&&(n[l]=h,r=!0)}r&&(t.data.morphAttributes=n,t.data.morphTargetsRelative=this.morphTargetsRelative);let o=this.groups;o.length>0&&(t.data.groups=JSON.parse(JSON.stringify(o)));let a=this.boundingSphere;return a!==null&&(t.data.boundingSphere=a.toJSON()),t}clone(){return new this.constructor().copy(this)}copy(t){this.index=null,this.attributes={},this.morphAttributes={},this.groups=[],this.boundingBox=null,this.boundingSphere=null;let e={};this.name=t.name;let i=t.index;i!==null&&this.setIndex(i.clone());let n=t.attributes;for(let c in n){let h=n[c];this.setAttribute(c,h.clone(e))}let r=t.morphAttributes;for(let c in r){let h=[],u=r[c];for(let d=0,f=u.length;d<f;d++)h.push(u[d].clone(e));this.morphAttributes[c]=h}this.morphTargetsRelative=t.morphTargetsRelative;let o=t.groups;for(let c=0,h=o.length;c<h;c++){let u=o[c];this.addGroup(u.start,u.count,u.materialIndex)}let a=t.boundingBox;a!==null&&(this.boundingBox=a.clone());let l=t.boundingSphere;return l!==null&&(this.boundingSphere=l.clone()),this.drawRange.start=t.drawRange.start,this.drawRange.count=t.drawRange.count,this.userData=t.userData,this._transformed=t._transformed,this}dispose(){this.dispatchEvent({type:"dispose"})}},Cc=new R,cg=new R,hg=new Vt,Xe=class{constructor(t=new R(1,0,0),e=0){this.isPlane=!0,this.normal=t,this.constant=e}set(t,e){return this.normal.copy(t),this.constant=e,this}setComponents(t,e,i,n){return this.normal.set(t,e,i),this.constant=n,this}setFromNormalAndCoplanarPoint(t,e){return this.normal.copy(t),this.constant=-e.dot(this.normal),this}setFromCoplanarPoints(t,e,i){let n=Cc.subVectors(i,e).cross(cg.subVectors(t,e)).normalize();return this.setFromNormalAndCoplanarPoint(n,t),this}copy(t){return this.normal.copy(t.normal),this.constant=t.constant,this}normalize(){let t=1/this.normal.length();return this.normal.multiplyScalar(t),this.constant*=t,this}negate(){return this.constant*=-1,this.normal.negate(),this}distanceToPoint(t){return this.normal.dot(t)+this.constant}distanceToSphere(t){return this.distanceToPoint(t.center)-t.radius}projectPoint(t,e){return e.copy(t).addScaledVector(this.normal,-this.distanceToPoint(t))}intersectLine(t,e,i=!0){let n=t.delta(Cc),r=this.normal.dot(n);if(r===0)return this.distanceToPoint(t.start)===0?e.copy(t.start):null;let o=-(t.start.dot(this.normal)+this.constant)/r;return i===!0&&(o<0||o>1)?null:e.copy(t.start).addScaledVector(n,o)}intersectsLine(t){let e=this.distanceToPoint(t.start),i=this.distanceToPoint(t.end);return e<0&&i>0||i<0&&e>0}intersectsBox(t){return t.intersectsPlane(this)}intersectsSphere(t){return t.intersectsPlane(this)}coplanarPoint(t){return t.copy(this.normal).multiplyScalar(-this.constant)}applyMatrix4(t,e){let i=e||hg.getNormalMatrix(t),n=this.coplanarPoint(Cc).applyMatrix4(t),r=this.normal.applyMatrix3(i).normalize();return this.constant=-n.dot(r),this}translate(t){return this.constant-=t.dot(this.normal),this}equals(t){return t.normal.equals(this.normal)&&t.constant===this.constant}clone(){return new this.constructor().copy(this)}toJSON(){return{normal:this.normal.toArray(),constant:this.constant}}fromJSON(t){return this.normal.fromArray(t.normal),this.constant=t.constant,this}},ug=0,Zn=class extends zn{constructor(){super(),this.isMaterial=!0,Object.defineProperty(this,"id",{value:ug++}),this.uuid=Hs(),this.name="",this.type="Material",this.blending=ks,this.side=Hn,this.vertexColors=!1,this.opacity=1,this.transparent=!1,this.alphaHash=!1,this.blendSrc=th,this.blendDst=eh,this.blendEquation=ts,this.blendSrcAlpha=null,this.blendDstAlpha=null,this.blendEquationAlpha=null,this.blendColor=new Wt(0,0,0),this.blendAlpha=0,this.depthFunc=ws,this.depthTest=!0,this.depthWrite=!0,this.stencilWriteMask=255,this.stencilFunc=Kd,this.stencilRef=0,this.stencilFuncMask=255,this.stencilFail=Jo,this.stencilZFail=Jo,this.stencilZPass=Jo,this.stencilWrite=!1,this.clippingPlanes=null,this.clipIntersection=!1,this.clipShadows=!1,this.shadowSide=null,this.colorWrite=!0,this.precision=null,this.polygonOffset=!1,this.polygonOffsetFactor=0,this.polygonOffsetUnits=0,this.dithering=!1,this.alphaToCoverage=!1,this.premultipliedAlpha=!1,this.forceSinglePass=!1,this.allowOverride=!0,this.visible=!0,this.toneMapped=!0,this.userData={},this.version=0,this._alphaTest=0}get alphaTest(){return this._alphaTest}set alphaTest(t){this._alphaTest>0!=t>0&&this.version++,this._alphaTest=t}onBeforeRender(){}onBeforeCompile(){}customProgramCacheKey(){return this.onBeforeCompile.toString()}setValues(t){if(t!==void 0)for(let e in t){let i=t[e];if(i===void 0){Dt(`Material: parameter '${e}' has value of undefined.`);continue}let n=this[e];if(n===void 0){Dt(`Material: '${e}' is not a property of THREE.${this.type}.`);continue}n&&n.isColor?n.set(i):n&&n.isVector2&&i&&i.isVector2||n&&n.isEuler&&i&&i.isEuler||n&&n.isVector3&&i&&i.isVector3?n.copy(i):this[e]=i}}toJSON(t){let e=t===void 0||typeof t=="string";e&&(t={textures:{},images:{}});let i={metadata:{version:4.7,type:"Material",generator:"Material.toJSON"}};i.uuid=this.uuid,i.type=this.type,i.blending=this.blending,i.side=this.side,i.shadowSide=this.shadowSide,i.vertexColors=this.vertexColors,i.opacity=this.opacity,i.transparent=this.transparent,i.blendSrc=this.blendSrc,i.blendDst=this.blendDst,i.blendEquation=this.blendEquation,i.blendSrcAlpha=this.blendSrcAlpha,i.blendDstAlpha=this.blendDstAlpha,i.blendEquationAlpha=this.blendEquationAlpha,i.blendColor=this.blendColor.getHex(),i.blendAlpha=this.blendAlpha,i.depthFunc=this.depthFunc,i.depthTest=this.depthTest,i.depthWrite=this.depthWrite,i.colorWrite=this.colorWrite,i.clipIntersection=this.clipIntersection,i.clipShadows=this.clipShadows,i.stencilWriteMask=this.stencilWriteMask,i.stencilFunc=this.stencilFunc,i.stencilRef=this.stencilRef,i.stencilFuncMask=this.stencilFuncMask,i.stencilFail=this.stencilFail,i.stencilZFail=this.stencilZFail,i.stencilZPass=this.stencilZPass,i.stencilWrite=this.stencilWrite,i.polygonOffset=this.polygonOffset,i.polygonOffsetFactor=this.polygonOffsetFactor,i.polygonOffsetUnits=this.polygonOffsetUnits,i.dithering=this.dithering,i.alphaTest=this.alphaTest,i.alphaHash=this.alphaHash,i.alphaToCoverage=this.alphaToCoverage,i.premultipliedAlpha=this.premultipliedAlpha,i.forceSinglePass=this.forceSinglePass,i.allowOverride=this.allowOverride,i.visible=this.visible,i.toneMapped=this.toneMapped,i.name=this.name,this.color&&this.color.isColor&&(i.color=this.color.getHex()),this.roughness!==void 0&&(i.roughness=this.roughness),this.metalness!==void 0&&(i.metalness=this.metalness),this.sheen!==void 0&&(i.sheen=this.sheen),this.sheenColor&&this.sheenColor.isColor&&(i.sheenColor=this.sheenColor.getHex()),this.sheenRoughness!==void 0&&(i.sheenRoughness=this.sheenRoughness),this.emissive&&this.emissive.isColor&&(i.emissive=this.emissive.getHex()),this.emissiveIntensity!==void 0&&(i.emissiveIntensity=this.emissiveIntensity),this.specular&&this.specular.isColor&&(i.specular=this.specular.getHex()),this.specularIntensity!==void 0&&(i.specularIntensity=this.specularIntensity),this.specularColor&&this.specularColor.isColor&&(i.specularColor=this.specularColor.getHex()),this.shininess!==void 0&&(i.shininess=this.shininess),this.clearcoat!==void 0&&(i.clearcoat=this.clearcoat),this.clearcoatRoughness!==void 0&&(i.clearcoatRoughness=this.clearcoatRoughness),this.diffuseRoughness!==void 0&&(i.diffuseRoughness=this.diffuseRoughness),this.diffuseRoughnessMap&&this.diffuseRoughnessMap.isTexture&&(i.diffuseRoughnessMap=this.diffuseRoughnessMap.toJSON(t).uuid),this.clearcoatMap&&this.clearcoatMap.isTexture&&(i.clearcoatMap=this.clearcoatMap.toJSON(t).uuid),this.clearcoatRoughnessMap&&this.clearcoatRoughnessMap.isTexture&&(i.clearcoatRoughnessMap=this.clearcoatRoughnessMap.toJSON(t).uuid),this.clearcoatNormalMap&&this.clearcoatNormalMap.isTexture&&(i.clearcoatNormalMap=this.clearcoatNormalMap.toJSON(t).uuid,i.clearcoatNormalScale=this.clearcoatNormalScale.toArray()),this.sheenColorMap&&this.sheenColorMap.isTexture&&(i.sheenColorMap=this.sheenColorMap.toJSON(t).uuid),this.sheenRoughnessMap&&this.sheenRoughnessMap.isTexture&&(i.sheenRoughnessMap=this.sheenRoughnessMap.toJSON(t).uuid),this.dispersion!==void 0&&(i.dispersion=this.dispersion),this.retroreflectivity!==void 0&&(i.retroreflectivity=this.retroreflectivity),this.iridescence!==void 0&&(i.iridescence=this.iridescence),this.iridescenceIOR!==void 0&&(i.iridescenceIOR=this.iridescenceIOR),this.iridescenceThicknessMinimum!==void 0&&(i.iridescenceThicknessMinimum=this.iridescenceThicknessMinimum),this.iridescenceThicknessMaximum!==void 0&&(i.iridescenceThicknessMaximum=this.iridescenceThicknessMaximum),this.iridescenceMap&&this.iridescenceMap.isTexture&&(i.iridescenceMap=this.iridescenceMap.toJSON(t).uuid),this.iridescenceThicknessMap&&this.iridescenceThicknessMap.isTexture&&(i.iridescenceThicknessMap=this.iridescenceThicknessMap.toJSON(t).uuid),this.anisotropy!==void 0&&(i.anisotropy=this.anisotropy),this.anisotropyRotation!==void 0&&(i.anisotropyRotation=this.anisotropyRotation),this.anisotropyMap&&this.anisotropyMap.isTexture&&(i.anisotropyMap=this.anisotropyMap.toJSON(t).uuid),this.map&&this.map.isTexture&&(i.map=this.map.toJSON(t).uuid),this.matcap&&this.matcap.isTexture&&(i.matcap=this.matcap.toJSON(t).uuid),this.alphaMap&&this.alphaMap.isTexture&&(i.alphaMap=this.alphaMap.toJSON(t).uuid),this.lightMap&&this.lightMap.isTexture&&(i.lightMap=this.lightMap.toJSON(t).uuid,i.lightMapIntensity=this.lightMapIntensity),this.aoMap&&this.aoMap.isTexture&&(i.aoMap=this.aoMap.toJSON(t).uuid,i.aoMapIntensity=this.aoMapIntensity),this.bumpMap&&this.bumpMap.isTexture&&(i.bumpMap=this.bumpMap.toJSON(t).uuid,i.bumpScale=this.bumpScale),this.normalMap&&this.normalMap.isTexture&&(i.normalMap=this.normalMap.toJSON(t).uuid,i.normalMapType=this.normalMapType,i.normalScale=this.normalScale.toArray()),this.displacementMap&&this.displacementMap.isTexture&&(i.displacementMap=this.displacementMap.toJSON(t).uuid,i.displacementScale=this.displacementScale,i.displacementBias=this.displacementBias),this.roughnessMap&&this.roughnessMap.isTexture&&(i.roughnessMap=this.roughnessMap.toJSON(t).uuid),this.metalnessMap&&this.metalnessMap.isTexture&&(i.metalnessMap=this.metalnessMap.toJSON(t).uuid),this.emissiveMap&&this.emissiveMap.isTexture&&(i.emissiveMap=this.emissiveMap.toJSON(t).uuid),this.specularMap&&this.specularMap.isTexture&&(i.specularMap=this.specularMap.toJSON(t).uuid),this.specularIntensityMap&&this.specularIntensityMap.isTexture&&(i.specularIntensityMap=this.specularIntensityMap.toJSON(t).uuid),this.specularColorMap&&this.specularColorMap.isTexture&&(i.specularColorMap=this.specularColorMap.toJSON(t).uuid),this.envMap&&this.envMap.isTexture&&(i.envMap=this.envMap.toJSON(t).uuid,this.combine!==void 0&&(i.combine=this.combine)),this.envMapRotation!==void 0&&(i.envMapRotation=this.envMapRotation.toArray()),this.envMapIntensity!==void 0&&(i.envMapIntensity=this.envMapIntensity),this.reflectivity!==void 0&&(i.reflectivity=this.reflectivity),this.refractionRatio!==void 0&&(i.refractionRatio=this.refractionRatio),this.gradientMap&&this.gradientMap.isTexture&&(i.gradientMap=this.gradientMap.toJSON(t).uuid),this.transmission!==void 0&&(i.transmission=this.transmission),this.transmissionMap&&this.transmissionMap.isTexture&&(i.transmissionMap=this.transmissionMap.toJSON(t).uuid),this.thickness!==void 0&&(i.thickness=this.thickness),this.thicknessMap&&this.thicknessMap.isTexture&&(i.thicknessMap=this.thicknessMap.toJSON(t).uuid),this.attenuationDistance!==void 0&&(i.attenuationDistance=this.attenuationDistance),this.attenuationColor!==void 0&&(i.attenuationColor=this.attenuationColor.getHex()),this.size!==void 0&&(i.size=this.size),this.sizeAttenuation!==void 0&&(i.sizeAttenuation=this.sizeAttenuation),Array.isArray(this.clippingPlanes)&&this.clippingPlanes.length>0&&(i.clippingPlanes=this.clippingPlanes.map(r=>r.toJSON())),this.rotation!==void 0&&(i.rotation=this.rotation),this.depthPacking!==void 0&&(i.depthPacking=this.depthPacking),this.linewidth!==void 0&&(i.linewidth=this.linewidth),this.linecap!==void 0&&(i.linecap=this.linecap),this.linejoin!==void 0&&(i.linejoin=this.linejoin),this.dashSize!==void 0&&(i.dashSize=this.dashSize),this.gapSize!==void 0&&(i.gapSize=this.gapSize),this.scale!==void 0&&(i.scale=this.scale),this.wireframe!==void 0&&(i.wireframe=this.wireframe),this.wireframeLinewidth!==void 0&&(i.wireframeLinewidth=this.wireframeLinewidth),this.wireframeLinecap!==void 0&&(i.wireframeLinecap=this.wireframeLinecap),this.wireframeLinejoin!==void 0&&(i.wireframeLinejoin=this.wireframeLinejoin),this.flatShading!==void 0&&(i.flatShading=this.flatShading),this.fog!==void 0&&(i.fog=this.fog),Object.keys(this.userData).length>0&&(i.userData=this.userData);function n(r){let o=[];for(let a in r){let l=r[a];delete l.metadata,o.push(l)}return o}if(e){let r=n(t.textures),o=n(t.images);r.length>0&&(i.textures=r),o.length>0&&(i.images=o)}return i}fromJSON(t,e){if(t.uuid!==void 0&&(this.uuid=t.uuid),t.name!==void 0&&(this.name=t.name),t.color!==void 0&&this.color!==void 0&&this.color.setHex(t.color),t.roughness!==void 0&&(this.roughness=t.roughness),t.metalness!==void 0&&(this.metalness=t.metalness),t.sheen!==void 0&&(this.sheen=t.sheen),t.sheenColor!==void 0&&(this.sheenColor=new Wt().setHex(t.sheenColor)),t.sheenRoughness!==void 0&&(this.sheenRoughness=t.sheenRoughness),t.emissive!==void 0&&this.emissive!==void 0&&this.emissive.setHex(t.emissive),t.specular!==void 0&&this.specular!==void 0&&this.specular.setHex(t.specular),t.specularIntensity!==void 0&&(this.specularIntensity=t.specularIntensity),t.specularColor!==void 0&&this.specularColor!==void 0&&this.specularColor.setHex(t.specularColor),t.shininess!==void 0&&(this.shininess=t.shininess),t.clearcoat!==void 0&&(this.clearcoat=t.clearcoat),t.clearcoatRoughness!==void 0&&(this.clearcoatRoughness=t.clearcoatRoughness),t.diffuseRoughness!==void 0&&(this.diffuseRoughness=t.diffuseRoughness),t.dispersion!==void 0&&(this.dispersion=t.dispersion),t.retroreflectivity!==void 0&&(this.retroreflectivity=t.retroreflectivity),t.iridescence!==void 0&&(this.iridescence=t.iridescence),t.iridescenceIOR!==void 0&&(this.iridescenceIOR=t.iridescenceIOR),t.iridescenceThicknessMinimum!==void 0&&(this.iridescenceThicknessMinimum=t.iridescenceThicknessMinimum),t.iridescenceThicknessMaximum!==void 0&&(this.iridescenceThicknessMaximum=t.iridescenceThicknessMaximum),t.iridescenceThicknessRange!==void 0&&(this.iridescenceThicknessMinimum=t.iridescenceThicknessRange[0],this.iridescenceThicknessMaximum=t.iridescenceThicknessRange[1]),t.transmission!==void 0&&(this.transmission=t.transmission),t.thickness!==void 0&&(this.thickness=t.thickness),t.attenuationDistance!==void 0&&(this.attenuationDistance=t.attenuationDistance),t.attenuationColor!==void 0&&this.attenuationColor!==void 0&&this.attenuationColor.setHex(t.attenuationColor),t.anisotropy!==void 0&&(this.anisotropy=t.anisotropy),t.anisotropyRotation!==void 0&&(this.anisotropyRotation=t.anisotropyRotation),t.fog!==void 0&&(this.fog=t.fog),t.flatShading!==void 0&&(this.flatShading=t.flatShading),t.blending!==void 0&&(this.blending=t.blending),t.combine!==void 0&&(this.combine=t.combine),t.side!==void 0&&(this.side=t.side),t.shadowSide!==void 0&&(this.shadowSide=t.shadowSide),t.opacity!==void 0&&(this.opacity=t.opacity),t.transparent!==void 0&&(this.transparent=t.transparent),t.alphaTest!==void 0&&(this.alphaTest=t.alphaTest),t.alphaHash!==void 0&&(this.alphaHash=t.alphaHash),t.depthFunc!==void 0&&(this.depthFunc=t.depthFunc),t.depthTest!==void 0&&(this.depthTest=t.depthTest),t.depthWrite!==void 0&&(this.depthWrite=t.depthWrite),t.colorWrite!==void 0&&(this.colorWrite=t.colorWrite),t.clippingPlanes!==void 0&&(this.clippingPlanes=t.clippingPlanes.map(i=>new Xe().fromJSON(i))),t.clipIntersection!==void 0&&(this.clipIntersection=t.clipIntersection),t.clipShadows!==void 0&&(this.clipShadows=t.clipShadows),t.depthPacking!==void 0&&(this.depthPacking=t.depthPacking),t.blendSrc!==void 0&&(this.blendSrc=t.blendSrc),t.blendDst!==void 0&&(this.blendDst=t.blendDst),t.blendEquation!==void 0&&(this.blendEquation=t.blendEquation),t.blendSrcAlpha!==void 0&&(this.blendSrcAlpha=t.blendSrcAlpha),t.blendDstAlpha!==void 0&&(this.blendDstAlpha=t.blendDstAlpha),t.blendEquationAlpha!==void 0&&(this.blendEquationAlpha=t.blendEquationAlpha),t.blendColor!==void 0&&this.blendColor!==void 0&&this.blendColor.setHex(t.blendColor),t.blendAlpha!==void 0&&(this.blendAlpha=t.blendAlpha),t.stencilWriteMask!==void 0&&(this.stencilWriteMask=t.stencilWriteMask),t.stencilFunc!==void 0&&(this.stencilFunc=t.stencilFunc),t.stencilRef!==void 0&&(this.stencilRef=t.stencilRef),t.stencilFuncMask!==void 0&&(this.stencilFuncMask=t.stencilFuncMask),t.stencilFail!==void 0&&(this.stencilFail=t.stencilFail),t.stencilZFail!==void 0&&(this.stencilZFail=t.stencilZFail),t.stencilZPass!==void 0&&(this.stencilZPass=t.stencilZPass),t.stencilWrite!==void 0&&(this.stencilWrite=t.stencilWrite),t.wireframe!==void 0&&(this.wireframe=t.wireframe),t.wireframeLinewidth!==void 0&&(this.wireframeLinewidth=t.wireframeLinewidth),t.wireframeLinecap!==void 0&&(this.wireframeLinecap=t.wireframeLinecap),t.wireframeLinejoin!==void 0&&(this.wireframeLinejoin=t.wireframeLinejoin),t.rotation!==void 0&&(this.rotation=t.rotation),t.linewidth!==void 0&&(this.linewidth=t.linewidth),t.linecap!==void 0&&(this.linecap=t.linecap),t.linejoin!==void 0&&(this.linejoin=t.linejoin),t.dashSize!==void 0&&(this.dashSize=t.dashSize),t.gapSize!==void 0&&(this.gapSize=t.gapSize),t.scale!==void 0&&(this.scale=t.scale),t.polygonOffset!==void 0&&(this.polygonOffset=t.polygonOffset),t.polygonOffsetFactor!==void 0&&(this.polygonOffsetFactor=t.polygonOffsetFactor),t.polygonOffsetUnits!==void 0&&(this.polygonOffsetUnits=t.polygonOffsetUnits),t.dithering!==void 0&&(this.dithering=t.dithering),t.alphaToCoverage!==void 0&&(this.alphaToCoverage=t.alphaToCoverage),t.premultipliedAlpha!==void 0&&(this.premultipliedAlpha=t.premultipliedAlpha),t.forceSinglePass!==void 0&&(this.forceSinglePass=t.forceSinglePass),t.allowOverride!==void 0&&(this.allowOverride=t.allowOverride),t.visible!==void 0&&(this.visible=t.visible),t.toneMapped!==void 0&&(this.toneMapped=t.toneMapped),t.userData!==void 0&&(this.userData=t.userData),t.vertexColors!==void 0&&(typeof t.vertexColors=="number"?this.vertexColors=t.vertexColors>0:this.vertexColors=t.vertexColors),t.size!==void 0&&(this.size=t.size),t.sizeAttenuation!==void 0&&(this.sizeAttenuation=t.sizeAttenuation),t.map!==void 0&&(this.map=e[t.map]||null),t.matcap!==void 0&&(this.matcap=e[t.matcap]||null),t.alphaMap!==void 0&&(this.alphaMap=e[t.alphaMap]||null),t.bumpMap!==void 0&&(this.bumpMap=e[t.bumpMap]||null),t.bumpScale!==void 0&&(this.bumpScale=t.bumpScale),t.normalMap!==void 0&&(this.normalMap=e[t.normalMap]||null),t.normalMapType!==void 0&&(this.normalMapType=t.normalMapType),t.normalScale!==void 0){let i=t.normalScale;Array.isArray(i)===!1&&(i=[i,i]),this.normalScale=new ht().fromArray(i)}return t.displacementMap!==void 0&&(this.displacementMap=e[t.displacementMap]||null),t.displacementScale!==void 0&&(this.displacementScale=t.displacementScale),t.displacementBias!==void 0&&(this.displacementBias=t.displacementBias),t.roughnessMap!==void 0&&(this.roughnessMap=e[t.roughnessMap]||null),t.metalnessMap!==void 0&&(this.metalnessMap=e[t.metalnessMap]||null),t.emissiveMap!==void 0&&(this.emissiveMap=e[t.emissiveMap]||null),t.emissiveIntensity!==void 0&&(this.emissiveIntensity=t.emissiveIntensity),t.specularMap!==void 0&&(this.specularMap=e[t.specularMap]||null),t.specularIntensityMap!==void 0&&(this.specularIntensityMap=e[t.specularIntensityMap]||null),t.specularColorMap!==void 0&&(this.specularColorMap=e[t.specularColorMap]||null),t.envMap!==void 0&&(this.envMap=e[t.envMap]||null),t.envMapRotation!==void 0&&this.envMapRotation.fromArray(t.envMapRotation),t.envMapIntensity!==void 0&&(this.envMapIntensity=t.envMapIntensity),t.reflectivity!==void 0&&(this.reflectivity=t.reflectivity),t.refractionRatio!==void 0&&(this.refractionRatio=t.refractionRatio),t.lightMap!==void 0&&(this.lightMap=e[t.lightMap]||null),t.lightMapIntensity!==void 0&&(this.lightMapIntensity=t.lightMapIntensity),t.aoMap!==void 0&&(this.aoMap=e[t.aoMap]||null),t.aoMapIntensity!==void 0&&(this.aoMapIntensity=t.aoMapIntensity),t.gradientMap!==void 0&&(this.gradientMap=e[t.gradientMap]||null),t.clearcoatMap!==void 0&&(this.clearcoatMap=e[t.clearcoatMap]||null),t.clearcoatRoughnessMap!==void 0&&(this.clearcoatRoughnessMap=e[t.clearcoatRoughnessMap]||null),t.clearcoatNormalMap!==void 0&&(this.clearcoatNormalMap=e[t.clearcoatNormalMap]||null),t.clearcoatNormalScale!==void 0&&(this.clearcoatNormalScale=new ht().fromArray(t.clearcoatNormalScale)),t.diffuseRoughnessMap!==void 0&&(this.diffuseRoughnessMap=e[t.diffuseRoughnessMap]||null),t.iridescenceMap!==void 0&&(this.iridescenceMap=e[t.iridescenceMap]||null),t.iridescenceThicknessMap!==void 0&&(this.iridescenceThicknessMap=e[t.iridescenceThicknessMap]||null),t.transmissionMap!==void 0&&(this.transmissionMap=e[t.transmissionMap]||null),t.thicknessMap!==void 0&&(this.thicknessMap=e[t.thicknessMap]||null),t.anisotropyMap!==void 0&&(this.anisotropyMap=e[t.anisotropyMap]||null),t.sheenColorMap!==void 0&&(this.sheenColorMap=e[t.sheenColorMap]||null),t.sheenRoughnessMap!==void 0&&(this.sheenRoughnessMap=e[t.sheenRoughnessMap]||null),this}clone(){return new this.constructor().copy(this)}copy(t){this.name=t.name,this.blending=t.blending,this.side=t.side,this.vertexColors=t.vertexColors,this.opacity=t.opacity,this.transparent=t.transparent,this.blendSrc=t.blendSrc,this.blendDst=t.blendDst,this.blendEquation=t.blendEquation,this.blendSrcAlpha=t.blendSrcAlpha,this.blendDstAlpha=t.blendDstAlpha,this.blendEquationAlpha=t.blendEquationAlpha,this.blendColor.copy(t.blendColor),this.blendAlpha=t.blendAlpha,this.depthFunc=t.depthFunc,this.depthTest=t.depthTest,this.depthWrite=t.depthWrite,this.stencilWriteMask=t.stencilWriteMask,this.stencilFunc=t.stencilFunc,this.stencilRef=t.stencilRef,this.stencilFuncMask=t.stencilFuncMask,this.stencilFail=t.stencilFail,this.stencilZFail=t.stencilZFail,this.stencilZPass=t.stencilZPass,this.stencilWrite=t.stencilWrite;let e=t.clippingPlanes,i=null;if(e!==null){let n=e.length;i=new Array(n);for(let r=0;r!==n;++r)i[r]=e[r].clone()}return this.clippingPlanes=i,this.clipIntersection=t.clipIntersection,this.clipShadows=t.clipShadows,this.shadowSide=t.shadowSide,this.colorWrite=t.colorWrite,this.precision=t.precision,this.polygonOffset=t.polygonOffset,this.polygonOffsetFactor=t.polygonOffsetFactor,this.polygonOffsetUnits=t.polygonOffsetUnits,this.dithering=t.dithering,this.alphaTest=t.alphaTest,this.alphaHash=t.alphaHash,this.alphaToCoverage=t.alphaToCoverage,this.premultipliedAlpha=t.premultipliedAlpha,this.forceSinglePass=t.forceSinglePass,this.allowOverride=t.allowOverride,this.visible=t.visible,this.toneMapped=t.toneMapped,this.userData=JSON.parse(JSON.stringify(t.userData)),this}dispose(){this.dispatchEvent({type:"dispose"})}set needsUpdate(t){t===!0&&this.version++}},ai=new R,Rc=new R,Ro=new R,Po=new R,Vn=class{constructor(t=new R,e=new R(0,0,-1)){this.origin=t,this.direction=e}set(t,e){return this.origin.copy(t),this.direction.copy(e),this}copy(t){return this.origin.copy(t.origin),this.direction.copy(t.direction),this}at(t,e){return e.copy(this.origin).addScaledVector(this.direction,t)}lookAt(t){return this.direction.copy(t).sub(this.origin).normalize(),this}recast(t){return this.origin.copy(this.at(t,ai)),this}closestPointToPoint(t,e){e.subVectors(t,this.origin);let i=e.dot(this.direction);return i<0?e.copy(this.origin):e.copy(this.origin).addScaledVector(this.direction,i)}distanceToPoint(t){return Math.sqrt(this.distanceSqToPoint(t))}distanceSqToPoint(t){let e=ai.subVectors(t,this.origin).dot(this.direction);return e<0?this.origin.distanceToSquared(t):(ai.copy(this.origin).addScaledVector(this.direction,e),ai.distanceToSquared(t))}distanceSqToSegment(t,e,i,n){Rc.copy(t).add(e).multiplyScalar(.5),Ro.copy(e).sub(t).normalize(),Po.copy(this.origin).sub(Rc);let r=t.distanceTo(e)*.5,o=-this.direction.dot(Ro),a=Po.dot(this.direction),l=-Po.dot(Ro),c=Po.lengthSq(),h=Math.abs(1-o*o),u,d,f,m;if(h>0)if(u=o*l-a,d=o*a-l,m=r*h,u>=0)if(d>=-m)if(d<=m){let y=1/h;u*=y,d*=y,f=u*(u+o*d+2*a)+d*(o*u+d+2*l)+c}else d=r,u=Math.max(0,-(o*d+a)),f=-u*u+d*(d+2*l)+c;else d=-r,u=Math.max(0,-(o*d+a)),f=-u*u+d*(d+2*l)+c;else d<=-m?(u=Math.max(0,-(-o*r+a)),d=u>0?-r:Math.min(Math.max(-r,-l),r),f=-u*u+d*(d+2*l)+c):d<=m?(u=0,d=Math.min(Math.max(-r,-l),r),f=d*(d+2*l)+c):(u=Math.max(0,-(o*r+a)),d=u>0?r:Math.min(Math.max(-r,-l),r),f=-u*u+d*(d+2*l)+c);else d=o>0?-r:r,u=Math.max(0,-(o*d+a)),f=-u*u+d*(d+2*l)+c;return i&&i.copy(this.origin).addScaledVector(this.direction,u),n&&n.copy(Rc).addScaledVector(Ro,d),f}intersectSphere(t,e){if(t.radius<0)return null;ai.subVectors(t.center,this.origin);let i=ai.dot(this.direction),n=ai.dot(ai)-i*i,r=t.radius*t.radius;if(n>r)return null;let o=Math.sqrt(r-n),a=i-o,l=i+o;return l<0?null:a<0?this.at(l,e):this.at(a,e)}intersectsSphere(t){return t.radius<0?!1:this.distanceSqToPoint(t.center)<=t.radius*t.radius}distanceToPlane(t){let e=t.normal.dot(this.direction);if(e===0)return t.distanceToPoint(this.origin)===0?0:null;let i=-(this.origin.dot(t.normal)+t.constant)/e;return i>=0?i:null}intersectPlane(t,e){let i=this.distanceToPlane(t);return i===null?null:this.at(i,e)}intersectsPlane(t){let e=t.distanceToPoint(this.origin);return e===0||t.normal.dot(this.direction)*e<0}intersectBox(t,e){let i,n,r,o,a,l,c=1/this.direction.x,h=1/this.direction.y,u=1/this.direction.z,d=this.origin;return c>=0?(i=(t.min.x-d.x)*c,n=(t.max.x-d.x)*c):(i=(t.max.x-d.x)*c,n=(t.min.x-d.x)*c),h>=0?(r=(t.min.y-d.y)*h,o=(t.max.y-d.y)*h):(r=(t.max.y-d.y)*h,o=(t.min.y-d.y)*h),i>o||r>n||((r>i||isNaN(i))&&(i=r),(o<n||isNaN(n))&&(n=o),u>=0?(a=(t.min.z-d.z)*u,l=(t.max.z-d.z)*u):(a=(t.max.z-d.z)*u,l=(t.min.z-d.z)*u),i>l||a>n)||((a>i||i!==i)&&(i=a),(l<n||n!==n)&&(n=l),n<0)?null:this.at(i>=0?i:n,e)}intersectsBox(t){return this.intersectBox(t,ai)!==null}intersectTriangle(t,e,i,n,r){let o=this.origin,a=this.direction,l=a.x,c=a.y,h=a.z,u=t.x-o.x,d=t.y-o.y,f=t.z-o.z,m=e.x-o.x,y=e.y-o.y,p=e.z-o.z,_=i.x-o.x,x=i.y-o.y,S=i.z-o.z,v=Math.abs(l),M=Math.abs(c),w=Math.abs(h),g,b,C,T,P,I,U,L,k,H,q,it;if(v>=M&&v>=w?(C=l,I=u,k=m,it=_,l>=0?(g=c,b=h,T=d,P=f,U=y,L=p,H=x,q=S):(g=h,b=c,T=f,P=d,U=p,L=y,H=S,q=x)):M>=w?(C=c,I=d,k=y,it=x,c>=0?(g=h,b=l,T=f,P=u,U=p,L=m,H=S,q=_):(g=l,b=h,T=u,P=f,U=m,L=p,H=_,q=S)):(C=h,I=f,k=p,it=S,h>=0?(g=l,b=c,T=u,P=d,U=m,L=y,H=_,q=x):(g=c,b=l,T=d,P=u,U=y,L=m,H=x,q=_)),C===0)return null;let Y=g/C,Z=b/C,nt=1/C,Mt=T-Y*I,Ft=P-Z*I,J=U-Y*k,at=L-Z*k,bt=H-Y*it,Ct=q-Z*it,gt=bt*at-Ct*J,Nt=Mt*Ct-Ft*bt,_e=J*Ft-at*Mt;if(n){if(gt<0||Nt<0||_e<0)return null}else if((gt<0||Nt<0||_e<0)&&(gt>0||Nt>0||_e>0))return null;let Rt=gt+Nt+_e;if(Rt===0)return null;let qt=nt*(gt*I+Nt*k+_e*it);return(Rt>0?qt<0:qt>0)?null:this.at(qt/Rt,r)}applyMatrix4(t){return this.origin.applyMatrix4(t),this.direction.transformDirection(t),this}equals(t){return t.origin.equals(this.origin)&&t.direction.equals(this.direction)}clone(){return new this.constructor().copy(this)}},ui=class extends Zn{constructor(t){super(),this.isMeshBasicMaterial=!0,this.type="MeshBasicMaterial",this.color=new Wt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new hi,this.combine=Ua,this.reflectivity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.fog=!0,this.setValues(t)}copy(t){return super.copy(t),this.color.copy(t.color),this.map=t.map,this.lightMap=t.lightMap,this.lightMapIntensity=t.lightMapIntensity,this.aoMap=t.aoMap,this.aoMapIntensity=t.aoMapIntensity,this.specularMap=t.specularMap,this.alphaMap=t.alphaMap,this.envMap=t.envMap,this.envMapRotation.copy(t.envMapRotation),this.combine=t.combine,this.reflectivity=t.reflectivity,this.refractionRatio=t.refractionRatio,this.wireframe=t.wireframe,this.wireframeLinewidth=t.wireframeLinewidth,this.wireframeLinecap=t.wireframeLinecap,this.wireframeLinejoin=t.wireframeLinejoin,this.fog=t.fog,this}},td=new kt,Xi=new Vn,Io=new Ye,ed=new R,Lo=new R,Do=new R,No=new R,Pc=new R,Uo=new R,nd=new R,Fo=new R,Ee=class extends We{constructor(t=new Te,e=new ui){super(),this.isMesh=!0,this.type="Mesh",this.geometry=t,this.material=e,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.count=1,this.updateMorphTargets()}copy(t,e){return super.copy(t,e),t.morphTargetInfluences!==void 0?this.morphTargetInfluences=t.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,t.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},t.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(t.material)?t.material.slice():t.material,this.geometry=t.geometry,this}updateMorphTargets(){let e=this.geometry.morphAttributes,i=Object.keys(e);if(i.length>0){let n=e[i[0]];if(n!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,o=n.length;r<o;r++){let a=n[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}getVertexPosition(t,e){let i=this.geometry,n=i.attributes.position,r=i.morphAttributes.position,o=i.morphTargetsRelative;e.fromBufferAttribute(n,t);let a=this.morphTargetInfluences;if(r&&a){Uo.set(0,0,0);for(let l=0,c=r.length;l<c;l++){let h=a[l],u=r[l];h!==0&&(Pc.fromBufferAttribute(u,t),o?Uo.addScaledVector(Pc,h):Uo.addScaledVector(Pc.sub(e),h))}e.add(Uo)}return e}intersectsFrustum(t){return t.intersectsObject(this)}raycast(t,e){let i=this.geometry,n=this.material,r=this.matrixWorld;n!==void 0&&(i.boundingSphere===null&&i.computeBoundingSphere(),Io.copy(i.boundingSphere),Io.applyMatrix4(r),Xi.copy(t.ray).recast(t.near),!(Io.containsPoint(Xi.origin)===!1&&(Xi.intersectSphere(Io,ed)===null||Xi.origin.distanceToSquared(ed)>(t.far-t.near)**2))&&(td.copy(r).invert(),Xi.copy(t.ray).applyMatrix4(td),!(i.boundingBox!==null&&Xi.intersectsBox(i.boundingBox)===!1)&&this._computeIntersections(t,e,Xi)))}_computeIntersections(t,e,i){let n,r=this.geometry,o=this.material,a=r.index,l=r.attributes.position,c=r.attributes.uv,h=r.attributes.uv1,u=r.attributes.normal,d=r.groups,f=r.drawRange;if(a!==null)if(Array.isArray(o))for(let m=0,y=d.length;m<y;m++){let p=d[m],_=o[p.materialIndex],x=Math.max(p.start,f.start),S=Math.min(a.count,Math.min(p.start+p.count,f.start+f.count));for(let v=x,M=S;v<M;v+=3){let w=a.getX(v),g=a.getX(v+1),b=a.getX(v+2);n=Oo(this,_,t,i,c,h,u,w,g,b),n&&(n.faceIndex=Math.floor(v/3),n.face.materialIndex=p.materialIndex,e.push(n))}}else{let m=Math.max(0,f.start),y=Math.min(a.count,f.start+f.count);for(let p=m,_=y;p<_;p+=3){let x=a.getX(p),S=a.getX(p+1),v=a.getX(p+2);n=Oo(this,o,t,i,c,h,u,x,S,v),n&&(n.faceIndex=Math.floor(p/3),e.push(n))}}else if(l!==void 0)if(Array.isArray(o))for(let m=0,y=d.length;m<y;m++){let p=d[m],_=o[p.materialIndex],x=Math.max(p.start,f.start),S=Math.min(l.count,Math.min(p.start+p.count,f.start+f.count));for(let v=x,M=S;v<M;v+=3){let w=v,g=v+1,b=v+2;n=Oo(this,_,t,i,c,h,u,w,g,b),n&&(n.faceIndex=Math.floor(v/3),n.face.materialIndex=p.materialIndex,e.push(n))}}else{let m=Math.max(0,f.start),y=Math.min(l.count,f.start+f.count);for(let p=m,_=y;p<_;p+=3){let x=p,S=p+1,v=p+2;n=Oo(this,o,t,i,c,h,u,x,S,v),n&&(n.faceIndex=Math.floor(p/3),e.push(n))}}}};Zi=class extends gn{constructor(t=null,e=1,i=1,n,r,o,a,l,c=Ge,h=Ge,u,d){super(null,o,a,l,c,h,n,r,u,d),this.isDataTexture=!0,this.image={data:t,width:e,height:i},this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}},Yi=new Ye,fg=new ht(.5,.5),Bo=new R,di=class{constructor(t=new Xe,e=new Xe,i=new Xe,n=new Xe,r=new Xe,o=new Xe){this.planes=[t,e,i,n,r,o]}set(t,e,i,n,r,o){let a=this.planes;return a[0].copy(t),a[1].copy(e),a[2].copy(i),a[3].copy(n),a[4].copy(r),a[5].copy(o),this}copy(t){let e=this.planes;for(let i=0;i<6;i++)e[i].copy(t.planes[i]);return this}setFromProjectionMatrix(t,e=Pn,i=!1){let n=this.planes,r=t.elements,o=r[0],a=r[1],l=r[2],c=r[3],h=r[4],u=r[5],d=r[6],f=r[7],m=r[8],y=r[9],p=r[10],_=r[11],x=r[12],S=r[13],v=r[14],M=r[15];if(n[0].setComponents(c-o,f-h,_-m,M-x).normalize(),n[1].setComponents(c+o,f+h,_+m,M+x).normalize(),n[2].setComponents(c+a,f+u,_+y,M+S).normalize(),n[3].setComponents(c-a,f-u,_-y,M-S).normalize(),i)n[4].setComponents(l,d,p,v).normalize(),n[5].setComponents(c-l,f-d,_-p,M-v).normalize();else if(n[4].setComponents(c-l,f-d,_-p,M-v).normalize(),e===Pn)n[5].setComponents(c+l,f+d,_+p,M+v).normalize();else if(e===Ts)n[5].setComponents(l,d,p,v).normalize();else throw new Error("THREE.Frustum.setFromProjectionMatrix(): Invalid coordinate system: "+e);return this}intersectsObject(t){if(t.boundingSphere!==void 0)t.boundingSphere===null&&t.computeBoundingSphere(),Yi.copy(t.boundingSphere).applyMatrix4(t.matrixWorld);else{let e=t.geometry;e.boundingSphere===null&&e.computeBoundingSphere(),Yi.copy(e.boundingSphere).applyMatrix4(t.matrixWorld)}return this.intersectsSphere(Yi)}intersectsSprite(t){Yi.center.set(0,0,0);let e=fg.distanceTo(t.center);return Yi.radius=.7071067811865476+e,Yi.applyMatrix4(t.matrixWorld),this.intersectsSphere(Yi)}intersectsSphere(t){let e=this.planes,i=t.center,n=-t.radius;for(let r=0;r<6;r++)if(e[r].distanceToPoint(i)<n)return!1;return!0}intersectsBox(t){let e=this.planes;for(let i=0;i<6;i++){let n=e[i];if(Bo.x=n.normal.x>0?t.max.x:t.min.x,Bo.y=n.normal.y>0?t.max.y:t.min.y,Bo.z=n.normal.z>0?t.max.z:t.min.z,n.distanceToPoint(Bo)<0)return!1}return!0}containsPoint(t){let e=this.planes;for(let i=0;i<6;i++)if(e[i].distanceToPoint(t)<0)return!1;return!0}clone(){return new this.constructor().copy(this)}},id=new kt,Rr=class s{constructor(){this.coordinateSystem=Pn,this._frustums=[],this._count=0}setFromArrayCamera(t){let e=t.cameras,i=this._frustums;for(let n=0;n<e.length;n++){let r=e[n];id.multiplyMatrices(r.projectionMatrix,r.matrixWorldInverse),i[n]===void 0&&(i[n]=new di),i[n].setFromProjectionMatrix(id,r.coordinateSystem,r.reversedDepth)}return this._count=e.length,this}getFrustum(t){return this._frustums[t]}intersectsObject(t){let e=this._frustums;for(let i=0;i<this._count;i++)if(e[i].intersectsObject(t))return!0;return!1}intersectsSprite(t){let e=this._frustums;for(let i=0;i<this._count;i++)if(e[i].intersectsSprite(t))return!0;return!1}intersectsSphere(t){let e=this._frustums;for(let i=0;i<this._count;i++)if(e[i].intersectsSphere(t))return!0;return!1}intersectsBox(t){let e=this._frustums;for(let i=0;i<this._count;i++)if(e[i].intersectsBox(t))return!0;return!1}containsPoint(t){let e=this._frustums;for(let i=0;i<this._count;i++)if(e[i].containsPoint(t))return!0;return!1}copy(t){this.coordinateSystem=t.coordinateSystem;let e=this._frustums,i=t._frustums;for(let n=0;n<t._count;n++)e[n]===void 0&&(e[n]=new di),e[n].copy(i[n]);return this._count=t._count,this}clone(){return new s().copy(this)}};Wc=class{constructor(){this.index=0,this.pool=[],this.list=[]}push(t,e,i,n){let r=this.pool,o=this.list;this.index>=r.length&&r.push({start:-1,count:-1,z:-1,index:-1});let a=r[this.index];o.push(a),this.index++,a.start=t,a.count=e,a.z=i,a.index=n}reset(){this.list.length=0,this.index=0}},mn=new kt,gg=new Wt(1,1,1),_g=new di,xg=new Rr,ko=new ie,$i=new Ye,Lc=new R,sd=new R,rd=new R,yg=new R,Dc=new Wc,en=new Ee,zo=[];Pr=class extends Ee{constructor(t,e,i=e*2,n){super(new Te,n),this.isBatchedMesh=!0,this.perObjectFrustumCulled=!0,this.sortObjects=!0,this.boundingBox=null,this.boundingSphere=null,this.customSort=null,this._instanceInfo=[],this._geometryInfo=[],this._availableInstanceIds=[],this._availableGeometryIds=[],this._nextIndexStart=0,this._nextVertexStart=0,this._geometryCount=0,this._visibilityChanged=!0,this._geometryInitialized=!1,this._maxInstanceCount=t,this._maxVertexCount=e,this._maxIndexCount=i,this._multiDrawCounts=new Int32Array(t),this._multiDrawStarts=new Int32Array(t),this._multiDrawCount=0,this._multiDrawBytesPerElement=1,this._mergedDrawCounts=new Int32Array(t),this._mergedDrawStarts=new Int32Array(t),this._mergedDrawInstanceCounts=new Int32Array(t),this._mergedDrawCount=0,this._matricesTexture=null,this._indirectTexture=null,this._colorsTexture=null,this._previousMatricesTexture=null,this._initMatricesTexture(),this._initIndirectTexture()}get maxInstanceCount(){return this._maxInstanceCount}get instanceCount(){return this._instanceInfo.length-this._availableInstanceIds.length}get unusedVertexCount(){return this._maxVertexCount-this._nextVertexStart}get unusedIndexCount(){return this._maxIndexCount-this._nextIndexStart}_initMatricesTexture(){let t=Math.sqrt(this._maxInstanceCount*4);t=Math.ceil(t/4)*4,t=Math.max(t,4);let e=new Float32Array(t*t*4),i=new Zi(e,t,t,wn,Mn);this._matricesTexture=i}_initIndirectTexture(){let t=Math.sqrt(this._maxInstanceCount);t=Math.ceil(t);let e=new Uint32Array(t*t),i=new Zi(e,t,t,Zr,Nn);this._indirectTexture=i}_initColorsTexture(){let t=Math.sqrt(this._maxInstanceCount);t=Math.ceil(t);let e=new Float32Array(t*t*4).fill(1),i=new Zi(e,t,t,wn,Mn);i.colorSpace=Jt.workingColorSpace,this._colorsTexture=i}_initializeGeometry(t){let e=this.geometry,i=this._maxVertexCount,n=this._maxIndexCount;if(this._geometryInitialized===!1){for(let r in t.attributes){let o=t.getAttribute(r),{array:a,itemSize:l,normalized:c}=o,h=new a.constructor(i*l),u=new we(h,l,c);e.setAttribute(r,u)}if(t.getIndex()!==null){let r=i>65535?new Uint32Array(n):new Uint16Array(n);e.setIndex(new we(r,1))}this._geometryInitialized=!0}}_validateGeometry(t){let e=this.geometry;if(!!t.getIndex()!=!!e.getIndex())throw new Error('THREE.BatchedMesh: All geometries must consistently have "index".');for(let i in e.attributes){if(!t.hasAttribute(i))throw new Error(`THREE.BatchedMesh: Added geometry missing "${i}". All geometries must have consistent attributes.`);let n=t.getAttribute(i),r=e.getAttribute(i);if(n.itemSize!==r.itemSize||n.normalized!==r.normalized)throw new Error(`THREE.BatchedMesh: Added geometry attribute "${i}" has an inconsistent itemSize or normalized value.`)}}validateInstanceId(t){let e=this._instanceInfo;if(t<0||t>=e.length||e[t].active===!1)throw new Error(`THREE.BatchedMesh: Invalid instanceId ${t}. Instance is either out of range or has been deleted.`)}validateGeometryId(t){let e=this._geometryInfo;if(t<0||t>=e.length||e[t].active===!1)throw new Error(`THREE.BatchedMesh: Invalid geometryId ${t}. Geometry is either out of range or has been deleted.`)}setCustomSort(t){return this.customSort=t,this}computeBoundingBox(){this.boundingBox===null&&(this.boundingBox=new ie);let t=this.boundingBox,e=this._instanceInfo;t.makeEmpty();for(let i=0,n=e.length;i<n;i++){if(e[i].active===!1)continue;let r=e[i].geometryIndex;this.getMatrixAt(i,mn),this.getBoundingBoxAt(r,ko).applyMatrix4(mn),t.union(ko)}}computeBoundingSphere(){this.boundingSphere===null&&(this.boundingSphere=new Ye);let t=this.boundingSphere,e=this._instanceInfo;t.makeEmpty();for(let i=0,n=e.length;i<n;i++){if(e[i].active===!1)continue;let r=e[i].geometryIndex;this.getMatrixAt(i,mn),this.getBoundingSphereAt(r,$i).applyMatrix4(mn),t.union($i)}}addInstance(t){if(this._instanceInfo.length>=this.maxInstanceCount&&this._availableInstanceIds.length===0)throw new Error("THREE.BatchedMesh: Maximum item count reached.");let i={visible:!0,active:!0,geometryIndex:t},n=null;this._availableInstanceIds.length>0?(this._availableInstanceIds.sort(Ic),n=this._availableInstanceIds.shift(),this._instanceInfo[n]=i):(n=this._instanceInfo.length,this._instanceInfo.push(i));let r=this._matricesTexture;mn.identity().toArray(r.image.data,n*16),r.needsUpdate=!0;let o=this._colorsTexture;return o&&(gg.toArray(o.image.data,n*4),o.needsUpdate=!0),this._visibilityChanged=!0,n}addGeometry(t,e=-1,i=-1){this._initializeGeometry(t),this._validateGeometry(t);let n={vertexStart:-1,vertexCount:-1,reservedVertexCount:-1,indexStart:-1,indexCount:-1,reservedIndexCount:-1,start:-1,count:-1,boundingBox:null,boundingSphere:null,active:!0},r=this._geometryInfo;n.vertexStart=this._nextVertexStart,n.reservedVertexCount=e===-1?t.getAttribute("position").count:e;let o=t.getIndex();if(o!==null&&(n.indexStart=this._nextIndexStart,n.reservedIndexCount=i===-1?o.count:i),n.indexStart!==-1&&n.indexStart+n.reservedIndexCount>this._maxIndexCount||n.vertexStart+n.reservedVertexCount>this._maxVertexCount)throw new Error("THREE.BatchedMesh: Reserved space request exceeds the maximum buffer size.");let l;return this._availableGeometryIds.length>0?(this._availableGeometryIds.sort(Ic),l=this._availableGeometryIds.shift(),r[l]=n):(l=this._geometryCount,this._geometryCount++,r.push(n)),this.setGeometryAt(l,t),this._nextIndexStart=n.indexStart+n.reservedIndexCount,this._nextVertexStart=n.vertexStart+n.reservedVertexCount,l}setGeometryAt(t,e){if(t>=this._geometryCount)throw new Error("THREE.BatchedMesh: Maximum geometry count reached.");this._validateGeometry(e);let i=this.geometry,n=i.getIndex()!==null,r=i.getIndex(),o=e.getIndex(),a=this._geometryInfo[t];if(n&&o.count>a.reservedIndexCount||e.attributes.position.count>a.reservedVertexCount)throw new Error("THREE.BatchedMesh: Reserved space not large enough for provided geometry.");let l=a.vertexStart,c=a.reservedVertexCount;a.vertexCount=e.getAttribute("position").count;for(let h in i.attributes){let u=e.getAttribute(h),d=i.getAttribute(h);vg(u,d,l);let f=u.itemSize;for(let m=u.count,y=c;m<y;m++){let p=l+m;for(let _=0;_<f;_++)d.setComponent(p,_,0)}d.needsUpdate=!0,d.addUpdateRange(l*f,c*f)}if(n){let h=a.indexStart,u=a.reservedIndexCount;a.indexCount=e.getIndex().count;for(let d=0;d<o.count;d++)r.setX(h+d,l+o.getX(d));for(let d=o.count,f=u;d<f;d++)r.setX(h+d,l);r.needsUpdate=!0,r.addUpdateRange(h,a.reservedIndexCount)}return a.start=n?a.indexStart:a.vertexStart,a.count=n?a.indexCount:a.vertexCount,a.boundingBox=null,e.boundingBox!==null&&(a.boundingBox=e.boundingBox.clone()),a.boundingSphere=null,e.boundingSphere!==null&&(a.boundingSphere=e.boundingSphere.clone()),this._visibilityChanged=!0,t}deleteGeometry(t){let e=this._geometryInfo;if(t>=e.length||e[t].active===!1)return this;let i=this._instanceInfo;for(let n=0,r=i.length;n<r;n++)i[n].active&&i[n].geometryIndex===t&&this.deleteInstance(n);return e[t].active=!1,this._availableGeometryIds.push(t),this._visibilityChanged=!0,this}deleteInstance(t){return this.validateInstanceId(t),this._instanceInfo[t].active=!1,this._availableInstanceIds.push(t),this._visibilityChanged=!0,this}optimize(){let t=0,e=0,i=this._geometryInfo,n=i.map((o,a)=>a).sort((o,a)=>i[o].vertexStart-i[a].vertexStart),r=this.geometry;for(let o=0,a=i.length;o<a;o++){let l=n[o],c=i[l];if(c.active!==!1){if(r.index!==null){if(c.indexStart!==e){let{indexStart:h,vertexStart:u,reservedIndexCount:d}=c,f=r.index,m=f.array,y=t-u;for(let p=h;p<h+d;p++)m[p]=m[p]+y;f.array.copyWithin(e,h,h+d),f.addUpdateRange(e,d),f.needsUpdate=!0,c.indexStart=e}e+=c.reservedIndexCount}if(c.vertexStart!==t){let{vertexStart:h,reservedVertexCount:u}=c,d=r.attributes;for(let f in d){let m=d[f],{array:y,itemSize:p}=m;y.copyWithin(t*p,h*p,(h+u)*p),m.addUpdateRange(t*p,u*p),m.needsUpdate=!0}c.vertexStart=t}t+=c.reservedVertexCount,c.start=r.index?c.indexStart:c.vertexStart}}return this._nextIndexStart=e,this._nextVertexStart=t,this._visibilityChanged=!0,this}getBoundingBoxAt(t,e){if(t>=this._geometryCount)return null;let i=this.geometry,n=this._geometryInfo[t];if(n.boundingBox===null){let r=new ie,o=i.index,a=i.attributes.position;for(let l=n.start,c=n.start+n.count;l<c;l++){let h=l;o&&(h=o.getX(h)),r.expandByPoint(Lc.fromBufferAttribute(a,h))}n.boundingBox=r}return e.copy(n.boundingBox),e}getBoundingSphereAt(t,e){if(t>=this._geometryCount)return null;let i=this.geometry,n=this._geometryInfo[t];if(n.boundingSphere===null){let r=new Ye;this.getBoundingBoxAt(t,ko),ko.getCenter(r.center);let o=i.index,a=i.attributes.position,l=0;for(let c=n.start,h=n.start+n.count;c<h;c++){let u=c;o&&(u=o.getX(u)),Lc.fromBufferAttribute(a,u),l=Math.max(l,r.center.distanceToSquared(Lc))}r.radius=Math.sqrt(l),n.boundingSphere=r}return e.copy(n.boundingSphere),e}setMatrixAt(t,e){this.validateInstanceId(t);let i=this._matricesTexture,n=this._matricesTexture.image.data;return e.toArray(n,t*16),i.needsUpdate=!0,this}getMatrixAt(t,e){return this.validateInstanceId(t),e.fromArray(this._matricesTexture.image.data,t*16)}setColorAt(t,e){return this.validateInstanceId(t),this._colorsTexture===null&&this._initColorsTexture(),e.toArray(this._colorsTexture.image.data,t*4),this._colorsTexture.needsUpdate=!0,this}getColorAt(t,e){return this.validateInstanceId(t),this._colorsTexture===null?e.isVector4?e.set(1,1,1,1):e.setRGB(1,1,1):e.fromArray(this._colorsTexture.image.data,t*4)}setVisibleAt(t,e){return this.validateInstanceId(t),this._instanceInfo[t].visible===e?this:(this._instanceInfo[t].visible=e,this._visibilityChanged=!0,this)}getVisibleAt(t){return this.validateInstanceId(t),this._instanceInfo[t].visible}setGeometryIdAt(t,e){return this.validateInstanceId(t),this.validateGeometryId(e),this._instanceInfo[t].geometryIndex=e,this._visibilityChanged=!0,this}getGeometryIdAt(t){return this.validateInstanceId(t),this._instanceInfo[t].geometryIndex}getGeometryRangeAt(t,e={}){this.validateGeometryId(t);let i=this._geometryInfo[t];return e.vertexStart=i.vertexStart,e.vertexCount=i.vertexCount,e.reservedVertexCount=i.reservedVertexCount,e.indexStart=i.indexStart,e.indexCount=i.indexCount,e.reservedIndexCount=i.reservedIndexCount,e.start=i.start,e.count=i.count,e}setInstanceCount(t){let e=this._availableInstanceIds,i=this._instanceInfo;for(e.sort(Ic);e[e.length-1]===i.length-1;)i.pop(),e.pop();if(t<i.length)throw new Error(`THREE.BatchedMesh: Instance ids outside the range ${t} are being used. Cannot shrink instance count.`);let n=new Int32Array(t),r=new Int32Array(t);Xn(this._multiDrawCounts,n),Xn(this._multiDrawStarts,r),this._multiDrawCounts=n,this._multiDrawStarts=r;let o=new Int32Array(t),a=new Int32Array(t),l=new Int32Array(t);Xn(this._mergedDrawCounts,o),Xn(this._mergedDrawStarts,a),Xn(this._mergedDrawInstanceCounts,l),this._mergedDrawCounts=o,this._mergedDrawStarts=a,this._mergedDrawInstanceCounts=l,this._maxInstanceCount=t;let c=this._indirectTexture,h=this._matricesTexture,u=this._colorsTexture;c.dispose(),this._initIndirectTexture(),Xn(c.image.data,this._indirectTexture.image.data),h.dispose(),this._initMatricesTexture(),Xn(h.image.data,this._matricesTexture.image.data),u&&(u.dispose(),this._initColorsTexture(),Xn(u.image.data,this._colorsTexture.image.data)),this._previousMatricesTexture!==null&&(this._previousMatricesTexture.dispose(),this._previousMatricesTexture=null)}setGeometrySize(t,e){let i=[...this._geometryInfo].filter(a=>a.active);if(Math.max(...i.map(a=>a.vertexStart+a.reservedVertexCount))>t)throw new Error(`THREE.BatchedMesh: Geometry vertex values are being used outside the range ${t}. Cannot shrink further.`);if(this.geometry.index&&Math.max(...i.map(l=>l.indexStart+l.reservedIndexCount))>e)throw new Error(`THREE.BatchedMesh: Geometry index values are being used outside the range ${e}. Cannot shrink further.`);let r=this.geometry;r.dispose(),this._maxVertexCount=t,this._maxIndexCount=e,this._geometryInitialized&&(this._geometryInitialized=!1,this.geometry=new Te,this._initializeGeometry(r));let o=this.geometry;r.index&&Xn(r.index.array,o.index.array);for(let a in r.attributes)Xn(r.attributes[a].array,o.attributes[a].array);this._visibilityChanged=!0}raycast(t,e){let i=this._instanceInfo,n=this._geometryInfo,r=this.matrixWorld,o=this.geometry;en.material=this.material,en.geometry.index=o.index,en.geometry.attributes=o.attributes,en.geometry.boundingBox===null&&(en.geometry.boundingBox=new ie),en.geometry.boundingSphere===null&&(en.geometry.boundingSphere=new Ye);for(let a=0,l=i.length;a<l;a++){if(!i[a].visible||!i[a].active)continue;let c=i[a].geometryIndex,h=n[c];en.geometry.setDrawRange(h.start,h.count),this.getMatrixAt(a,en.matrixWorld).premultiply(r),this.getBoundingBoxAt(c,en.geometry.boundingBox),this.getBoundingSphereAt(c,en.geometry.boundingSphere),en.raycast(t,zo);for(let u=0,d=zo.length;u<d;u++){let f=zo[u];f.object=this,f.batchId=a,e.push(f)}zo.length=0}en.material=null,en.geometry.index=null,en.geometry.attributes={},en.geometry.setDrawRange(0,1/0)}copy(t){return super.copy(t),this.geometry=t.geometry.clone(),this.perObjectFrustumCulled=t.perObjectFrustumCulled,this.sortObjects=t.sortObjects,this.boundingBox=t.boundingBox!==null?t.boundingBox.clone():null,this.boundingSphere=t.boundingSphere!==null?t.boundingSphere.clone():null,this._geometryInfo=t._geometryInfo.map(e=>({...e,boundingBox:e.boundingBox!==null?e.boundingBox.clone():null,boundingSphere:e.boundingSphere!==null?e.boundingSphere.clone():null})),this._instanceInfo=t._instanceInfo.map(e=>({...e})),this._availableInstanceIds=t._availableInstanceIds.slice(),this._availableGeometryIds=t._availableGeometryIds.slice(),this._nextIndexStart=t._nextIndexStart,this._nextVertexStart=t._nextVertexStart,this._geometryCount=t._geometryCount,this._maxInstanceCount=t._maxInstanceCount,this._maxVertexCount=t._maxVertexCount,this._maxIndexCount=t._maxIndexCount,this._geometryInitialized=t._geometryInitialized,this._multiDrawCounts=t._multiDrawCounts.slice(),this._multiDrawStarts=t._multiDrawStarts.slice(),this._multiDrawBytesPerElement=t._multiDrawBytesPerElement,this._mergedDrawCounts=t._mergedDrawCounts.slice(),this._mergedDrawStarts=t._mergedDrawStarts.slice(),this._mergedDrawInstanceCounts=t._mergedDrawInstanceCounts.slice(),this._indirectTexture=t._indirectTexture.clone(),this._indirectTexture.image.data=this._indirectTexture.image.data.slice(),this._matricesTexture=t._matricesTexture.clone(),this._matricesTexture.image.data=this._matricesTexture.image.data.slice(),t._colorsTexture!==null?(this._colorsTexture=t._colorsTexture.clone(),this._colorsTexture.image.data=this._colorsTexture.image.data.slice()):this._colorsTexture=null,this}dispose(){super.dispose(),this.geometry.dispose(),this._matricesTexture.dispose(),this._matricesTexture=null,this._indirectTexture.dispose(),this._indirectTexture=null,this._colorsTexture!==null&&(this._colorsTexture.dispose(),this._colorsTexture=null),this._previousMatricesTexture!==null&&(this._previousMatricesTexture.dispose(),this._previousMatricesTexture=null)}_updateDrawParameters(t,e,i,n="multiDraw"){if(!this._visibilityChanged&&!this.perObjectFrustumCulled&&!this.sortObjects)return;let r=e.getIndex(),o=r===null?1:r.array.BYTES_PER_ELEMENT,a=1;i.wireframe&&(a=2,o=e.attributes.position.count>65535?4:2);let l=this._instanceInfo,c=this._multiDrawStarts,h=this._multiDrawCounts,u=this._mergedDrawStarts,d=this._mergedDrawCounts,f=this._mergedDrawInstanceCounts,m=this._geometryInfo,y=this.perObjectFrustumCulled,p=this._indirectTexture,_=p.image.data,x=t.isArrayCamera?xg:_g;y&&(t.isArrayCamera?x.setFromArrayCamera(t):(mn.multiplyMatrices(t.projectionMatrix,t.matrixWorldInverse).multiply(this.matrixWorld),x.setFromProjectionMatrix(mn,t.coordinateSystem,t.reversedDepth)));let S=0,v=0;if(this.sortObjects){mn.copy(this.matrixWorld).invert(),sd.setFromMatrixPosition(t.matrixWorld).applyMatrix4(mn),rd.set(0,0,-1).transformDirection(t.matrixWorld).transformDirection(mn);for(let g=0,b=l.length;g<b;g++)if(l[g].visible&&l[g].active){let C=l[g].geometryIndex;this.getMatrixAt(g,mn),this.getBoundingSphereAt(C,$i).applyMatrix4(mn);let T=!1;if(y&&(T=!x.intersectsSphere($i)),!T){let P=m[C],I=yg.subVectors($i.center,sd).dot(rd);Dc.push(P.start,P.count,I,g)}}let M=Dc.list,w=this.customSort;w===null?M.sort(i.transparent?mg:pg):w.call(this,M,t);for(let g=0,b=M.length;g<b;g++){let C=M[g],T=C.start*o*a,P=C.count*a;n==="merged"?v>0&&u[v-1]===T&&d[v-1]===P?f[v-1]++:(u[v]=T,d[v]=P,f[v]=1,v++):(c[S]=T,h[S]=P),_[S]=C.index,S++}Dc.reset()}else for(let M=0,w=l.length;M<w;M++)if(l[M].visible&&l[M].active){let g=l[M].geometryIndex,b=!1;if(y&&(this.getMatrixAt(M,mn),this.getBoundingSphereAt(g,$i).applyMatrix4(mn),b=!x.intersectsSphere($i)),!b){let C=m[g],T=C.start*o*a,P=C.count*a;n==="merged"?v>0&&u[v-1]===T&&d[v-1]===P?f[v-1]++:(u[v]=T,d[v]=P,f[v]=1,v++):(c[S]=T,h[S]=P),_[S]=M,S++}}p.needsUpdate=!0,this._multiDrawCount=S,this._mergedDrawCount=v,this._multiDrawBytesPerElement=o,this._visibilityChanged=!1}onBeforeRender(t,e,i,n,r){t.isWebGPURenderer===!0?(this._visibilityChanged||this.perObjectFrustumCulled||this.sortObjects)&&(this._indirectTexture.needsUpdate=!0):this._updateDrawParameters(i,n,r)}onBeforeShadow(t,e,i,n,r,o){t.isWebGPURenderer!==!0&&this._updateDrawParameters(n,r,o)}},Ji=class extends Zn{constructor(t){super(),this.isLineBasicMaterial=!0,this.type="LineBasicMaterial",this.color=new Wt(16777215),this.map=null,this.linewidth=1,this.linecap="round",this.linejoin="round",this.fog=!0,this.setValues(t)}copy(t){return super.copy(t),this.color.copy(t.color),this.map=t.map,this.linewidth=t.linewidth,this.linecap=t.linecap,this.linejoin=t.linejoin,this.fog=t.fog,this}},ha=new R,ua=new R,od=new kt,mr=new Vn,Vo=new Ye,Nc=new R,ad=new R,In=class extends We{constructor(t=new Te,e=new Ji){super(),this.isLine=!0,this.type="Line",this.geometry=t,this.material=e,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(t,e){return super.copy(t,e),t.morphTargetInfluences!==void 0?this.morphTargetInfluences=t.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,t.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},t.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(t.material)?t.material.slice():t.material,this.geometry=t.geometry,this}computeLineDistances(){let t=this.geometry;if(t.index===null){let e=t.attributes.position,i=[0];for(let n=1,r=e.count;n<r;n++)ha.fromBufferAttribute(e,n-1),ua.fromBufferAttribute(e,n),i[n]=i[n-1],i[n]+=ha.distanceTo(ua);t.setAttribute("lineDistance",new Ne(i,1))}else Dt("Line.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}intersectsFrustum(t){return t.intersectsObject(this)}raycast(t,e){let i=this.geometry,n=this.matrixWorld,r=t.params.Line.threshold,o=i.drawRange;if(i.boundingSphere===null&&i.computeBoundingSphere(),Vo.copy(i.boundingSphere),Vo.applyMatrix4(n),Vo.radius+=r,t.ray.intersectsSphere(Vo)===!1)return;od.copy(n).invert(),mr.copy(t.ray).applyMatrix4(od);let a=r/((this.scale.x+this.scale.y+this.scale.z)/3),l=a*a,c=this.isLineSegments?2:1,h=i.index,d=i.attributes.position;if(h!==null){let f=Math.max(0,o.start),m=Math.min(h.count,o.start+o.count);for(let y=f,p=m-1;y<p;y+=c){let _=h.getX(y),x=h.getX(y+1),S=Ho(this,t,mr,l,_,x,y);S&&e.push(S)}if(this.isLineLoop){let y=h.getX(m-1),p=h.getX(f),_=Ho(this,t,mr,l,y,p,m-1);_&&e.push(_)}}else{let f=Math.max(0,o.start),m=Math.min(d.count,o.start+o.count);for(let y=f,p=m-1;y<p;y+=c){let _=Ho(this,t,mr,l,y,y+1,y);_&&e.push(_)}if(this.isLineLoop){let y=Ho(this,t,mr,l,m-1,f,m-1);y&&e.push(y)}}}updateMorphTargets(){let e=this.geometry.morphAttributes,i=Object.keys(e);if(i.length>0){let n=e[i[0]];if(n!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,o=n.length;r<o;r++){let a=n[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}};ld=new R,cd=new R,Ei=class extends In{constructor(t,e){super(t,e),this.isLineSegments=!0,this.type="LineSegments"}computeLineDistances(){let t=this.geometry;if(t.index===null){let e=t.attributes.position,i=[];for(let n=0,r=e.count;n<r;n+=2)ld.fromBufferAttribute(e,n),cd.fromBufferAttribute(e,n+1),i[n]=n===0?0:i[n-1],i[n+1]=i[n]+ld.distanceTo(cd);t.setAttribute("lineDistance",new Ne(i,1))}else Dt("LineSegments.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}},Is=class extends In{constructor(t,e){super(t,e),this.isLineLoop=!0,this.type="LineLoop"}},Ls=class extends Zn{constructor(t){super(),this.isPointsMaterial=!0,this.type="PointsMaterial",this.color=new Wt(16777215),this.map=null,this.alphaMap=null,this.size=1,this.sizeAttenuation=!0,this.fog=!0,this.setValues(t)}copy(t){return super.copy(t),this.color.copy(t.color),this.map=t.map,this.alphaMap=t.alphaMap,this.size=t.size,this.sizeAttenuation=t.sizeAttenuation,this.fog=t.fog,this}},hd=new kt,qc=new Vn,Go=new Ye,Wo=new R,Ai=class extends We{constructor(t=new Te,e=new Ls){super(),this.isPoints=!0,this.type="Points",this.geometry=t,this.material=e,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(t,e){return super.copy(t,e),t.morphTargetInfluences!==void 0?this.morphTargetInfluences=t.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,t.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},t.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(t.material)?t.material.slice():t.material,this.geometry=t.geometry,this}intersectsFrustum(t){return t.intersectsObject(this)}raycast(t,e){let i=this.geometry,n=this.matrixWorld,r=t.params.Points.threshold,o=i.drawRange;if(i.boundingSphere===null&&i.computeBoundingSphere(),Go.copy(i.boundingSphere),Go.applyMatrix4(n),Go.radius+=r,t.ray.intersectsSphere(Go)===!1)return;hd.copy(n).invert(),qc.copy(t.ray).applyMatrix4(hd);let a=r/((this.scale.x+this.scale.y+this.scale.z)/3),l=a*a,c=i.index,u=i.attributes.position;if(c!==null){let d=Math.max(0,o.start),f=Math.min(c.count,o.start+o.count);for(let m=d,y=f;m<y;m++){let p=c.getX(m);Wo.fromBufferAttribute(u,p),ud(Wo,p,l,n,t,e,this)}}else{let d=Math.max(0,o.start),f=Math.min(u.count,o.start+o.count);for(let m=d,y=f;m<y;m++)Wo.fromBufferAttribute(u,m),ud(Wo,m,l,n,t,e,this)}}updateMorphTargets(){let e=this.geometry.morphAttributes,i=Object.keys(e);if(i.length>0){let n=e[i[0]];if(n!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,o=n.length;r<o;r++){let a=n[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}};Ir=class extends gn{constructor(t=[],e=es,i,n,r,o,a,l,c,h){super(t,e,i,n,r,o,a,l,c,h),this.isCubeTexture=!0,this.flipY=!1}get images(){return this.image}set images(t){this.image=t}},fi=class extends gn{constructor(t,e,i=Nn,n,r,o,a=Ge,l=Ge,c,h=ci,u=1){if(h!==ci&&h!==mi)throw new Error("THREE.DepthTexture: format must be either THREE.DepthFormat or THREE.DepthStencilFormat");let d={width:t,height:e,depth:u};super(d,n,r,o,a,l,h,i,c),this.isDepthTexture=!0,this.flipY=!1,this.generateMipmaps=!1,this.compareFunction=null}copy(t){return super.copy(t),this.source=new Cs(Object.assign({},t.image)),this.compareFunction=t.compareFunction,this}toJSON(t){let e=super.toJSON(t);return e.compareFunction=this.compareFunction,e}},Lr=class extends fi{constructor(t,e=Nn,i=es,n,r,o=Ge,a=Ge,l,c=ci){let h={width:t,height:t,depth:1},u=[h,h,h,h,h,h];super(t,t,e,i,n,r,o,a,l,c),this.image=u,this.isCubeDepthTexture=!0,this.isCubeTexture=!0}get images(){return this.image}set images(t){this.image=t}},Dr=class extends gn{constructor(t=null){super(),this.sourceTexture=t,this.isExternalTexture=!0}copy(t){return super.copy(t),this.sourceTexture=t.sourceTexture,this}},Ds=class s extends Te{constructor(t=1,e=1,i=1,n=1,r=1,o=1){super(),this.type="BoxGeometry",this.parameters={width:t,height:e,depth:i,widthSegments:n,heightSegments:r,depthSegments:o};let a=this;n=Math.floor(n),r=Math.floor(r),o=Math.floor(o);let l=[],c=[],h=[],u=[],d=0,f=0;m("z","y","x",-1,-1,i,e,t,o,r,0),m("z","y","x",1,-1,i,e,-t,o,r,1),m("x","z","y",1,1,t,i,e,n,o,2),m("x","z","y",1,-1,t,i,-e,n,o,3),m("x","y","z",1,-1,t,e,i,n,r,4),m("x","y","z",-1,-1,t,e,-i,n,r,5),this.setIndex(l),this.setAttribute("position",new Ne(c,3)),this.setAttribute("normal",new Ne(h,3)),this.setAttribute("uv",new Ne(u,2));function m(y,p,_,x,S,v,M,w,g,b,C){let T=v/g,P=M/b,I=v/2,U=M/2,L=w/2,k=g+1,H=b+1,q=0,it=0,Y=new R;for(let Z=0;Z<H;Z++){let nt=Z*P-U;for(let Mt=0;Mt<k;Mt++){let Ft=Mt*T-I;Y[y]=Ft*x,Y[p]=nt*S,Y[_]=L,c.push(Y.x,Y.y,Y.z),Y[y]=0,Y[p]=0,Y[_]=w>0?1:-1,h.push(Y.x,Y.y,Y.z),u.push(Mt/g),u.push(1-Z/b),q+=1}}for(let Z=0;Z<b;Z++)for(let nt=0;nt<g;nt++){let Mt=d+nt+k*Z,Ft=d+nt+k*(Z+1),J=d+(nt+1)+k*(Z+1),at=d+(nt+1)+k*Z;l.push(Mt,Ft,at),l.push(Ft,J,at),it+=6}a.addGroup(f,it,C),f+=it,d+=q}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new s(t.width,t.height,t.depth,t.widthSegments,t.heightSegments,t.depthSegments)}},da=class s extends Te{constructor(t=1,e=1,i=1,n=32,r=1,o=!1,a=0,l=Math.PI*2){super(),this.type="CylinderGeometry",this.parameters={radiusTop:t,radiusBottom:e,height:i,radialSegments:n,heightSegments:r,openEnded:o,thetaStart:a,thetaLength:l};let c=this;n=Math.floor(n),r=Math.floor(r);let h=[],u=[],d=[],f=[],m=0,y=[],p=i/2,_=0;x(),o===!1&&(t>0&&S(!0),e>0&&S(!1)),this.setIndex(h),this.setAttribute("position",new Ne(u,3)),this.setAttribute("normal",new Ne(d,3)),this.setAttribute("uv",new Ne(f,2));function x(){let v=new R,M=new R,w=0,g=(e-t)/i;for(let b=0;b<=r;b++){let C=[],T=b/r,P=T*(e-t)+t;for(let I=0;I<=n;I++){let U=I/n,L=U*l+a,k=Math.sin(L),H=Math.cos(L);M.x=P*k,M.y=-T*i+p,M.z=P*H,u.push(M.x,M.y,M.z),v.set(k,g,H).normalize(),d.push(v.x,v.y,v.z),f.push(U,1-T),C.push(m++)}y.push(C)}for(let b=0;b<n;b++)for(let C=0;C<r;C++){let T=y[C][b],P=y[C+1][b],I=y[C+1][b+1],U=y[C][b+1];(t>0||C!==0)&&(h.push(T,P,U),w+=3),(e>0||C!==r-1)&&(h.push(P,I,U),w+=3)}c.addGroup(_,w,0),_+=w}function S(v){let M=m,w=new ht,g=new R,b=0,C=v===!0?t:e,T=v===!0?1:-1;for(let I=1;I<=n;I++)u.push(0,p*T,0),d.push(0,T,0),f.push(.5,.5),m++;let P=m;for(let I=0;I<=n;I++){let L=I/n*l+a,k=Math.cos(L),H=Math.sin(L);g.x=C*H,g.y=p*T,g.z=C*k,u.push(g.x,g.y,g.z),d.push(0,T,0),w.x=k*.5+.5,w.y=H*.5*T+.5,f.push(w.x,w.y),m++}for(let I=0;I<n;I++){let U=M+I,L=P+I;v===!0?h.push(L,L+1,U):h.push(L+1,L,U),b+=3}c.addGroup(_,b,v===!0?1:2),_+=b}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new s(t.radiusTop,t.radiusBottom,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},Nr=class s extends da{constructor(t=1,e=1,i=32,n=1,r=!1,o=0,a=Math.PI*2){super(0,t,e,i,n,r,o,a),this.type="ConeGeometry",this.parameters={radius:t,height:e,radialSegments:i,heightSegments:n,openEnded:r,thetaStart:o,thetaLength:a}}static fromJSON(t){return new s(t.radius,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},Ln=class{constructor(){this.type="Curve",this.arcLengthDivisions=200,this.needsUpdate=!1,this.cacheArcLengths=null}getPoint(){Dt("Curve: .getPoint() not implemented.")}getPointAt(t,e){let i=this.getUtoTmapping(t);return this.getPoint(i,e)}getPoints(t=5){let e=[];for(let i=0;i<=t;i++)e.push(this.getPoint(i/t));return e}getSpacedPoints(t=5){let e=[];for(let i=0;i<=t;i++)e.push(this.getPointAt(i/t));return e}getLength(){let t=this.getLengths();return t[t.length-1]}getLengths(t=this.arcLengthDivisions){if(this.cacheArcLengths&&this.cacheArcLengths.length===t+1&&!this.needsUpdate)return this.cacheArcLengths;this.needsUpdate=!1;let e=[],i,n=this.getPoint(0),r=0;e.push(0);for(let o=1;o<=t;o++)i=this.getPoint(o/t),r+=i.distanceTo(n),e.push(r),n=i;return this.cacheArcLengths=e,e}updateArcLengths(){this.needsUpdate=!0,this.getLengths()}getUtoTmapping(t,e=null){let i=this.getLengths(),n=0,r=i.length,o;e?o=e:o=t*i[r-1];let a=0,l=r-1,c;for(;a<=l;)if(n=Math.floor(a+(l-a)/2),c=i[n]-o,c<0)a=n+1;else if(c>0)l=n-1;else{l=n;break}if(n=l,i[n]===o)return n/(r-1);let h=i[n],d=i[n+1]-h,f=(o-h)/d;return(n+f)/(r-1)}getTangent(t,e){let n=t-1e-4,r=t+1e-4;n<0&&(n=0),r>1&&(r=1);let o=this.getPoint(n),a=this.getPoint(r),l=e||(o.isVector2?new ht:new R);return l.copy(a).sub(o).normalize(),l}getTangentAt(t,e){let i=this.getUtoTmapping(t);return this.getTangent(i,e)}computeFrenetFrames(t,e=!1){let i=new R,n=[],r=[],o=[],a=new R,l=new kt;for(let f=0;f<=t;f++){let m=f/t;n[f]=this.getTangentAt(m,new R)}r[0]=new R,o[0]=new R;let c=Number.MAX_VALUE,h=Math.abs(n[0].x),u=Math.abs(n[0].y),d=Math.abs(n[0].z);h<=c&&(c=h,i.set(1,0,0)),u<=c&&(c=u,i.set(0,1,0)),d<=c&&i.set(0,0,1),a.crossVectors(n[0],i).normalize(),r[0].crossVectors(n[0],a),o[0].crossVectors(n[0],r[0]);for(let f=1;f<=t;f++){if(r[f]=r[f-1].clone(),o[f]=o[f-1].clone(),a.crossVectors(n[f-1],n[f]),a.length()>Number.EPSILON){a.normalize();let m=Math.acos(zt(n[f-1].dot(n[f]),-1,1));r[f].applyMatrix4(l.makeRotationAxis(a,m))}o[f].crossVectors(n[f],r[f])}if(e===!0){let f=Math.acos(zt(r[0].dot(r[t]),-1,1));f/=t,n[0].dot(a.crossVectors(r[0],r[t]))>0&&(f=-f);for(let m=1;m<=t;m++)r[m].applyMatrix4(l.makeRotationAxis(n[m],f*m)),o[m].crossVectors(n[m],r[m])}return{tangents:n,normals:r,binormals:o}}clone(){return new this.constructor().copy(this)}copy(t){return this.arcLengthDivisions=t.arcLengthDivisions,this.cacheArcLengths=null,this}toJSON(){let t={metadata:{version:4.7,type:"Curve",generator:"Curve.toJSON"}};return t.arcLengthDivisions=this.arcLengthDivisions,t.type=this.type,t}fromJSON(t){return this.arcLengthDivisions=t.arcLengthDivisions,this.cacheArcLengths=null,this}},Ur=class extends Ln{constructor(t=0,e=0,i=1,n=1,r=0,o=Math.PI*2,a=!1,l=0){super(),this.isEllipseCurve=!0,this.type="EllipseCurve",this.aX=t,this.aY=e,this.xRadius=i,this.yRadius=n,this.aStartAngle=r,this.aEndAngle=o,this.aClockwise=a,this.aRotation=l}getPoint(t,e=new ht){let i=e,n=Math.PI*2,r=this.aEndAngle-this.aStartAngle,o=Math.abs(r)<Number.EPSILON;for(;r<0;)r+=n;for(;r>n;)r-=n;r<Number.EPSILON&&(o?r=0:r=n),this.aClockwise===!0&&!o&&(r===n?r=-n:r=r-n);let a=this.aStartAngle+t*r,l=this.aX+this.xRadius*Math.cos(a),c=this.aY+this.yRadius*Math.sin(a);if(this.aRotation!==0){let h=Math.cos(this.aRotation),u=Math.sin(this.aRotation),d=l-this.aX,f=c-this.aY;l=d*h-f*u+this.aX,c=d*u+f*h+this.aY}return i.set(l,c)}copy(t){return super.copy(t),this.aX=t.aX,this.aY=t.aY,this.xRadius=t.xRadius,this.yRadius=t.yRadius,this.aStartAngle=t.aStartAngle,this.aEndAngle=t.aEndAngle,this.aClockwise=t.aClockwise,this.aRotation=t.aRotation,this}toJSON(){let t=super.toJSON();return t.aX=this.aX,t.aY=this.aY,t.xRadius=this.xRadius,t.yRadius=this.yRadius,t.aStartAngle=this.aStartAngle,t.aEndAngle=this.aEndAngle,t.aClockwise=this.aClockwise,t.aRotation=this.aRotation,t}fromJSON(t){return super.fromJSON(t),this.aX=t.aX,this.aY=t.aY,this.xRadius=t.xRadius,this.yRadius=t.yRadius,this.aStartAngle=t.aStartAngle,this.aEndAngle=t.aEndAngle,this.aClockwise=t.aClockwise,this.aRotation=t.aRotation,this}},fa=class extends Ur{constructor(t,e,i,n,r,o){super(t,e,i,i,n,r,o),this.isArcCurve=!0,this.type="ArcCurve"}};dd=new R,fd=new R,Uc=new Eh,Fc=new Eh,Oc=new Eh,Ki=class extends Ln{constructor(t=[],e=!1,i="centripetal",n=.5){super(),this.isCatmullRomCurve3=!0,this.type="CatmullRomCurve3",this.points=t,this.closed=e,this.curveType=i,this.tension=n}getPoint(t,e=new R){let i=e,n=this.points,r=n.length,o=(r-(this.closed?0:1))*t,a=Math.floor(o),l=o-a;this.closed?a+=a>0?0:(Math.floor(Math.abs(a)/r)+1)*r:l===0&&a===r-1&&(a=r-2,l=1);let c,h;this.closed||a>0?c=n[(a-1)%r]:(fd.subVectors(n[0],n[1]).add(n[0]),c=fd);let u=n[a%r],d=n[(a+1)%r];if(this.closed||a+2<r?h=n[(a+2)%r]:(dd.subVectors(n[r-1],n[r-2]).add(n[r-1]),h=dd),this.curveType==="centripetal"||this.curveType==="chordal"){let f=this.curveType==="chordal"?.5:.25,m=Math.pow(c.distanceToSquared(u),f),y=Math.pow(u.distanceToSquared(d),f),p=Math.pow(d.distanceToSquared(h),f);y<1e-4&&(y=1),m<1e-4&&(m=y),p<1e-4&&(p=y),Uc.initNonuniformCatmullRom(c.x,u.x,d.x,h.x,m,y,p),Fc.initNonuniformCatmullRom(c.y,u.y,d.y,h.y,m,y,p),Oc.initNonuniformCatmullRom(c.z,u.z,d.z,h.z,m,y,p)}else this.curveType==="catmullrom"&&(Uc.initCatmullRom(c.x,u.x,d.x,h.x,this.tension),Fc.initCatmullRom(c.y,u.y,d.y,h.y,this.tension),Oc.initCatmullRom(c.z,u.z,d.z,h.z,this.tension));return i.set(Uc.calc(l),Fc.calc(l),Oc.calc(l)),i}copy(t){super.copy(t),this.points=[];for(let e=0,i=t.points.length;e<i;e++){let n=t.points[e];this.points.push(n.clone())}return this.closed=t.closed,this.curveType=t.curveType,this.tension=t.tension,this}toJSON(){let t=super.toJSON();t.points=[];for(let e=0,i=this.points.length;e<i;e++){let n=this.points[e];t.points.push(n.toArray())}return t.closed=this.closed,t.curveType=this.curveType,t.tension=this.tension,t}fromJSON(t){super.fromJSON(t),this.points=[];for(let e=0,i=t.points.length;e<i;e++){let n=t.points[e];this.points.push(new R().fromArray(n))}return this.closed=t.closed,this.curveType=t.curveType,this.tension=t.tension,this}};pa=class extends Ln{constructor(t=new ht,e=new ht,i=new ht,n=new ht){super(),this.isCubicBezierCurve=!0,this.type="CubicBezierCurve",this.v0=t,this.v1=e,this.v2=i,this.v3=n}getPoint(t,e=new ht){let i=e,n=this.v0,r=this.v1,o=this.v2,a=this.v3;return i.set(vr(t,n.x,r.x,o.x,a.x),vr(t,n.y,r.y,o.y,a.y)),i}copy(t){return super.copy(t),this.v0.copy(t.v0),this.v1.copy(t.v1),this.v2.copy(t.v2),this.v3.copy(t.v3),this}toJSON(){let t=super.toJSON();return t.v0=this.v0.toArray(),t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t.v3=this.v3.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v0.fromArray(t.v0),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this.v3.fromArray(t.v3),this}},ma=class extends Ln{constructor(t=new R,e=new R,i=new R,n=new R){super(),this.isCubicBezierCurve3=!0,this.type="CubicBezierCurve3",this.v0=t,this.v1=e,this.v2=i,this.v3=n}getPoint(t,e=new R){let i=e,n=this.v0,r=this.v1,o=this.v2,a=this.v3;return i.set(vr(t,n.x,r.x,o.x,a.x),vr(t,n.y,r.y,o.y,a.y),vr(t,n.z,r.z,o.z,a.z)),i}copy(t){return super.copy(t),this.v0.copy(t.v0),this.v1.copy(t.v1),this.v2.copy(t.v2),this.v3.copy(t.v3),this}toJSON(){let t=super.toJSON();return t.v0=this.v0.toArray(),t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t.v3=this.v3.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v0.fromArray(t.v0),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this.v3.fromArray(t.v3),this}},ga=class extends Ln{constructor(t=new ht,e=new ht){super(),this.isLineCurve=!0,this.type="LineCurve",this.v1=t,this.v2=e}getPoint(t,e=new ht){let i=e;return t===1?i.copy(this.v2):(i.copy(this.v2).sub(this.v1),i.multiplyScalar(t).add(this.v1)),i}getPointAt(t,e){return this.getPoint(t,e)}getTangent(t,e=new ht){return e.subVectors(this.v2,this.v1).normalize()}getTangentAt(t,e){return this.getTangent(t,e)}copy(t){return super.copy(t),this.v1.copy(t.v1),this.v2.copy(t.v2),this}toJSON(){let t=super.toJSON();return t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this}},_a=class extends Ln{constructor(t=new R,e=new R){super(),this.isLineCurve3=!0,this.type="LineCurve3",this.v1=t,this.v2=e}getPoint(t,e=new R){let i=e;return t===1?i.copy(this.v2):(i.copy(this.v2).sub(this.v1),i.multiplyScalar(t).add(this.v1)),i}getPointAt(t,e){return this.getPoint(t,e)}getTangent(t,e=new R){return e.subVectors(this.v2,this.v1).normalize()}getTangentAt(t,e){return this.getTangent(t,e)}copy(t){return super.copy(t),this.v1.copy(t.v1),this.v2.copy(t.v2),this}toJSON(){let t=super.toJSON();return t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this}},xa=class extends Ln{constructor(t=new ht,e=new ht,i=new ht){super(),this.isQuadraticBezierCurve=!0,this.type="QuadraticBezierCurve",this.v0=t,this.v1=e,this.v2=i}getPoint(t,e=new ht){let i=e,n=this.v0,r=this.v1,o=this.v2;return i.set(yr(t,n.x,r.x,o.x),yr(t,n.y,r.y,o.y)),i}copy(t){return super.copy(t),this.v0.copy(t.v0),this.v1.copy(t.v1),this.v2.copy(t.v2),this}toJSON(){let t=super.toJSON();return t.v0=this.v0.toArray(),t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v0.fromArray(t.v0),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this}},Fr=class extends Ln{constructor(t=new R,e=new R,i=new R){super(),this.isQuadraticBezierCurve3=!0,this.type="QuadraticBezierCurve3",this.v0=t,this.v1=e,this.v2=i}getPoint(t,e=new R){let i=e,n=this.v0,r=this.v1,o=this.v2;return i.set(yr(t,n.x,r.x,o.x),yr(t,n.y,r.y,o.y),yr(t,n.z,r.z,o.z)),i}copy(t){return super.copy(t),this.v0.copy(t.v0),this.v1.copy(t.v1),this.v2.copy(t.v2),this}toJSON(){let t=super.toJSON();return t.v0=this.v0.toArray(),t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v0.fromArray(t.v0),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this}},ya=class extends Ln{constructor(t=[]){super(),this.isSplineCurve=!0,this.type="SplineCurve",this.points=t}getPoint(t,e=new ht){let i=e,n=this.points,r=(n.length-1)*t,o=Math.floor(r),a=r-o,l=n[o===0?o:o-1],c=n[o],h=n[o>n.length-2?n.length-1:o+1],u=n[o>n.length-3?n.length-1:o+2];return i.set(pd(a,l.x,c.x,h.x,u.x),pd(a,l.y,c.y,h.y,u.y)),i}copy(t){super.copy(t),this.points=[];for(let e=0,i=t.points.length;e<i;e++){let n=t.points[e];this.points.push(n.clone())}return this}toJSON(){let t=super.toJSON();t.points=[];for(let e=0,i=this.points.length;e<i;e++){let n=this.points[e];t.points.push(n.toArray())}return t}fromJSON(t){super.fromJSON(t),this.points=[];for(let e=0,i=t.points.length;e<i;e++){let n=t.points[e];this.points.push(new ht().fromArray(n))}return this}},Cg=Object.freeze({__proto__:null,ArcCurve:fa,CatmullRomCurve3:Ki,CubicBezierCurve:pa,CubicBezierCurve3:ma,EllipseCurve:Ur,LineCurve:ga,LineCurve3:_a,QuadraticBezierCurve:xa,QuadraticBezierCurve3:Fr,SplineCurve:ya}),Or=class s extends Te{constructor(t=1,e=1,i=1,n=1){super(),this.type="PlaneGeometry",this.parameters={width:t,height:e,widthSegments:i,heightSegments:n};let r=t/2,o=e/2,a=Math.floor(i),l=Math.floor(n),c=a+1,h=l+1,u=t/a,d=e/l,f=[],m=[],y=[],p=[];for(let _=0;_<h;_++){let x=_*d-o;for(let S=0;S<c;S++){let v=S*u-r;m.push(v,-x,0),y.push(0,0,1),p.push(S/a),p.push(1-_/l)}}for(let _=0;_<l;_++)for(let x=0;x<a;x++){let S=x+c*_,v=x+c*(_+1),M=x+1+c*(_+1),w=x+1+c*_;f.push(S,v,w),f.push(v,M,w)}this.setIndex(f),this.setAttribute("position",new Ne(m,3)),this.setAttribute("normal",new Ne(y,3)),this.setAttribute("uv",new Ne(p,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new s(t.width,t.height,t.widthSegments,t.heightSegments)}},Ns=class s extends Te{constructor(t=new Fr(new R(-1,-1,0),new R(-1,1,0),new R(1,1,0)),e=64,i=1,n=8,r=!1){super(),this.type="TubeGeometry",this.parameters={path:t,tubularSegments:e,radius:i,radialSegments:n,closed:r};let o=t.computeFrenetFrames(e,r);this.tangents=o.tangents,this.normals=o.normals,this.binormals=o.binormals;let a=new R,l=new R,c=new ht,h=new R,u=[],d=[],f=[],m=[];y(),this.setIndex(m),this.setAttribute("position",new Ne(u,3)),this.setAttribute("normal",new Ne(d,3)),this.setAttribute("uv",new Ne(f,2));function y(){for(let S=0;S<e;S++)p(S);p(r===!1?e:0),x(),_()}function p(S){h=t.getPointAt(S/e,h);let v=o.normals[S],M=o.binormals[S];for(let w=0;w<=n;w++){let g=w/n*Math.PI*2,b=Math.sin(g),C=-Math.cos(g);l.x=C*v.x+b*M.x,l.y=C*v.y+b*M.y,l.z=C*v.z+b*M.z,l.normalize(),d.push(l.x,l.y,l.z),a.x=h.x+i*l.x,a.y=h.y+i*l.y,a.z=h.z+i*l.z,u.push(a.x,a.y,a.z)}}function _(){for(let S=1;S<=e;S++)for(let v=1;v<=n;v++){let M=(n+1)*(S-1)+(v-1),w=(n+1)*S+(v-1),g=(n+1)*S+v,b=(n+1)*(S-1)+v;m.push(M,w,b),m.push(w,g,b)}}function x(){for(let S=0;S<=e;S++)for(let v=0;v<=n;v++)c.x=S/e,c.y=v/n,f.push(c.x,c.y)}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}toJSON(){let t=super.toJSON();return t.path=this.parameters.path.toJSON(),t}static fromJSON(t){return new s(new Cg[t.path.type]().fromJSON(t.path),t.tubularSegments,t.radius,t.radialSegments,t.closed)}};df={clone:is,merge:rn},Pg=`void main() {
	gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
}`,Ig=`void main() {
	gl_FragColor = vec4( 1.0, 0.0, 0.0, 1.0 );
}`,Jn=class extends Zn{constructor(t){super(),this.isShaderMaterial=!0,this.type="ShaderMaterial",this.defines={},this.uniforms={},this.uniformsGroups=[],this.vertexShader=Pg,this.fragmentShader=Ig,this.linewidth=1,this.wireframe=!1,this.wireframeLinewidth=1,this.fog=!1,this.lights=!1,this.clipping=!1,this.forceSinglePass=!0,this.extensions={clipCullDistance:!1,multiDraw:!1},this.defaultAttributeValues={color:[1,1,1],uv:[0,0],uv1:[0,0]},this.index0AttributeName=void 0,this.uniformsNeedUpdate=!1,this.glslVersion=null,t!==void 0&&this.setValues(t)}copy(t){return super.copy(t),this.fragmentShader=t.fragmentShader,this.vertexShader=t.vertexShader,this.uniforms=is(t.uniforms),this.uniformsGroups=Rg(t.uniformsGroups),this.defines=Object.assign({},t.defines),this.wireframe=t.wireframe,this.wireframeLinewidth=t.wireframeLinewidth,this.fog=t.fog,this.lights=t.lights,this.clipping=t.clipping,this.extensions=Object.assign({},t.extensions),this.glslVersion=t.glslVersion,this.defaultAttributeValues=Object.assign({},t.defaultAttributeValues),this.index0AttributeName=t.index0AttributeName,this.uniformsNeedUpdate=t.uniformsNeedUpdate,this}toJSON(t){let e=super.toJSON(t);e.glslVersion=this.glslVersion,e.uniforms={};for(let n in this.uniforms){let o=this.uniforms[n].value;o&&o.isTexture?e.uniforms[n]={type:"t",value:o.toJSON(t).uuid}:o&&o.isColor?e.uniforms[n]={type:"c",value:o.getHex()}:o&&o.isVector2?e.uniforms[n]={type:"v2",value:o.toArray()}:o&&o.isVector3?e.uniforms[n]={type:"v3",value:o.toArray()}:o&&o.isVector4?e.uniforms[n]={type:"v4",value:o.toArray()}:o&&o.isMatrix3?e.uniforms[n]={type:"m3",value:o.toArray()}:o&&o.isMatrix4?e.uniforms[n]={type:"m4",value:o.toArray()}:e.uniforms[n]={value:o}}Object.keys(this.defines).length>0&&(e.defines=this.defines),e.vertexShader=this.vertexShader,e.fragmentShader=this.fragmentShader,e.lights=this.lights,e.clipping=this.clipping;let i={};for(let n in this.extensions)this.extensions[n]===!0&&(i[n]=!0);return Object.keys(i).length>0&&(e.extensions=i),e}fromJSON(t,e){if(super.fromJSON(t,e),t.uniforms!==void 0)for(let i in t.uniforms){let n=t.uniforms[i];switch(this.uniforms[i]={},n.type){case"t":this.uniforms[i].value=e[n.value]||null;break;case"c":this.uniforms[i].value=new Wt().setHex(n.value);break;case"v2":this.uniforms[i].value=new ht().fromArray(n.value);break;case"v3":this.uniforms[i].value=new R().fromArray(n.value);break;case"v4":this.uniforms[i].value=new be().fromArray(n.value);break;case"m3":this.uniforms[i].value=new Vt().fromArray(n.value);break;case"m4":this.uniforms[i].value=new kt().fromArray(n.value);break;default:this.uniforms[i].value=n.value}}if(t.defines!==void 0&&(this.defines=t.defines),t.vertexShader!==void 0&&(this.vertexShader=t.vertexShader),t.fragmentShader!==void 0&&(this.fragmentShader=t.fragmentShader),t.glslVersion!==void 0&&(this.glslVersion=t.glslVersion),t.extensions!==void 0)for(let i in t.extensions)this.extensions[i]=t.extensions[i];return t.lights!==void 0&&(this.lights=t.lights),t.clipping!==void 0&&(this.clipping=t.clipping),this}},va=class extends Jn{constructor(t){super(t),this.isRawShaderMaterial=!0,this.type="RawShaderMaterial"}},Br=class extends Zn{constructor(t){super(),this.isMeshLambertMaterial=!0,this.type="MeshLambertMaterial",this.color=new Wt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.emissive=new Wt(0),this.emissiveIntensity=1,this.emissiveMap=null,this.bumpMap=null,this.bumpScale=1,this.normalMap=null,this.normalMapType=vl,this.normalScale=new ht(1,1),this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new hi,this.combine=Ua,this.reflectivity=1,this.envMapIntensity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.flatShading=!1,this.fog=!0,this.setValues(t)}copy(t){return super.copy(t),this.color.copy(t.color),this.map=t.map,this.lightMap=t.lightMap,this.lightMapIntensity=t.lightMapIntensity,this.aoMap=t.aoMap,this.aoMapIntensity=t.aoMapIntensity,this.emissive.copy(t.emissive),this.emissiveMap=t.emissiveMap,this.emissiveIntensity=t.emissiveIntensity,this.bumpMap=t.bumpMap,this.bumpScale=t.bumpScale,this.normalMap=t.normalMap,this.normalMapType=t.normalMapType,this.normalScale.copy(t.normalScale),this.displacementMap=t.displacementMap,this.displacementScale=t.displacementScale,this.displacementBias=t.displacementBias,this.specularMap=t.specularMap,this.alphaMap=t.alphaMap,this.envMap=t.envMap,this.envMapRotation.copy(t.envMapRotation),this.combine=t.combine,this.reflectivity=t.reflectivity,this.envMapIntensity=t.envMapIntensity,this.refractionRatio=t.refractionRatio,this.wireframe=t.wireframe,this.wireframeLinewidth=t.wireframeLinewidth,this.wireframeLinecap=t.wireframeLinecap,this.wireframeLinejoin=t.wireframeLinejoin,this.flatShading=t.flatShading,this.fog=t.fog,this}},Sa=class extends Zn{constructor(t){super(),this.isMeshDepthMaterial=!0,this.type="MeshDepthMaterial",this.depthPacking=Zd,this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.wireframe=!1,this.wireframeLinewidth=1,this.setValues(t)}copy(t){return super.copy(t),this.depthPacking=t.depthPacking,this.map=t.map,this.alphaMap=t.alphaMap,this.displacementMap=t.displacementMap,this.displacementScale=t.displacementScale,this.displacementBias=t.displacementBias,this.wireframe=t.wireframe,this.wireframeLinewidth=t.wireframeLinewidth,this}},ba=class extends Zn{constructor(t){super(),this.isMeshDistanceMaterial=!0,this.type="MeshDistanceMaterial",this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.setValues(t)}copy(t){return super.copy(t),this.map=t.map,this.alphaMap=t.alphaMap,this.displacementMap=t.displacementMap,this.displacementScale=t.displacementScale,this.displacementBias=t.displacementBias,this}},ji=class extends Ji{constructor(t){super(),this.isLineDashedMaterial=!0,this.type="LineDashedMaterial",this.scale=1,this.dashSize=3,this.gapSize=1,this.setValues(t)}copy(t){return super.copy(t),this.scale=t.scale,this.dashSize=t.dashSize,this.gapSize=t.gapSize,this}};Ci=class{constructor(t,e,i,n){this.parameterPositions=t,this._cachedIndex=0,this.resultBuffer=n!==void 0?n:new e.constructor(i),this.sampleValues=e,this.valueSize=i,this.settings=null,this.DefaultSettings_={}}evaluate(t){let e=this.parameterPositions,i=this._cachedIndex,n=e[i],r=e[i-1];n:{t:{let o;e:{i:if(!(t<n)){for(let a=i+2;;){if(n===void 0){if(t<r)break i;return i=e.length,this._cachedIndex=i,this.copySampleValue_(i-1)}if(i===a)break;if(r=n,n=e[++i],t<n)break t}o=e.length;break e}if(!(t>=r)){let a=e[1];t<a&&(i=2,r=a);for(let l=i-2;;){if(r===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(i===l)break;if(n=r,r=e[--i-1],t>=r)break t}o=i,i=0;break e}break n}for(;i<o;){let a=i+o>>>1;t<e[a]?o=a:i=a+1}if(n=e[i],r=e[i-1],r===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(n===void 0)return i=e.length,this._cachedIndex=i,this.copySampleValue_(i-1)}this._cachedIndex=i,this.intervalChanged_(i,r,n)}return this.interpolate_(i,r,t,n)}getSettings_(){return this.settings||this.DefaultSettings_}copySampleValue_(t){let e=this.resultBuffer,i=this.sampleValues,n=this.valueSize,r=t*n;for(let o=0;o!==n;++o)e[o]=i[r+o];return e}interpolate_(){throw new Error("THREE.Interpolant: Call to abstract method.")}intervalChanged_(){}},Ma=class extends Ci{constructor(t,e,i,n){super(t,e,i,n),this._weightPrev=-0,this._offsetPrev=-0,this._weightNext=-0,this._offsetNext=-0,this.DefaultSettings_={endingStart:Vc,endingEnd:Vc}}intervalChanged_(t,e,i){let n=this.parameterPositions,r=t-2,o=t+1,a=n[r],l=n[o];if(a===void 0)switch(this.getSettings_().endingStart){case Hc:r=t,a=2*e-i;break;case Gc:r=n.length-2,a=e+n[r]-n[r+1];break;default:r=t,a=i}if(l===void 0)switch(this.getSettings_().endingEnd){case Hc:o=t,l=2*i-e;break;case Gc:o=1,l=i+n[1]-n[0];break;default:o=t-1,l=e}let c=(i-e)*.5,h=this.valueSize;this._weightPrev=c/(e-a),this._weightNext=c/(l-i),this._offsetPrev=r*h,this._offsetNext=o*h}interpolate_(t,e,i,n){let r=this.resultBuffer,o=this.sampleValues,a=this.valueSize,l=t*a,c=l-a,h=this._offsetPrev,u=this._offsetNext,d=this._weightPrev,f=this._weightNext,m=(i-e)/(n-e),y=m*m,p=y*m,_=-d*p+2*d*y-d*m,x=(1+d)*p+(-1.5-2*d)*y+(-.5+d)*m+1,S=(-1-f)*p+(1.5+f)*y+.5*m,v=f*p-f*y;for(let M=0;M!==a;++M)r[M]=_*o[h+M]+x*o[c+M]+S*o[l+M]+v*o[u+M];return r}},wa=class extends Ci{constructor(t,e,i,n){super(t,e,i,n)}interpolate_(t,e,i,n){let r=this.resultBuffer,o=this.sampleValues,a=this.valueSize,l=t*a,c=l-a,h=(i-e)/(n-e),u=1-h;for(let d=0;d!==a;++d)r[d]=o[c+d]*u+o[l+d]*h;return r}},Ta=class extends Ci{constructor(t,e,i,n){super(t,e,i,n)}interpolate_(t){return this.copySampleValue_(t-1)}},Ea=class extends Ci{interpolate_(t,e,i,n){let r=this.resultBuffer,o=this.sampleValues,a=this.valueSize,l=t*a,c=l-a,h=this.inTangents,u=this.outTangents;if(!h||!u){let m=(i-e)/(n-e),y=1-m;for(let p=0;p!==a;++p)r[p]=o[c+p]*y+o[l+p]*m;return r}let d=a*2,f=t-1;for(let m=0;m!==a;++m){let y=o[c+m],p=o[l+m],_=f*d+m*2,x=u[_],S=u[_+1],v=t*d+m*2,M=h[v],w=h[v+1],g=Dg(i,e,x,M,n);r[m]=ff(g,y,S,w,p)}return r}};En=class{constructor(t,e,i,n){if(t===void 0)throw new Error("THREE.KeyframeTrack: track name is undefined");if(e===void 0||e.length===0)throw new Error("THREE.KeyframeTrack: no keyframes in track named "+t);this.name=t,this.times=xs(e,this.TimeBufferType),this.values=xs(i,this.ValueBufferType),this.setInterpolation(n||this.DefaultInterpolation)}static toJSON(t){let e=t.constructor,i;if(e.toJSON!==this.toJSON)i=e.toJSON(t);else{i={name:t.name,times:xs(t.times,Array),values:xs(t.values,Array)};let n=t.getInterpolation();n!==t.DefaultInterpolation&&(i.interpolation=n),qo(t.settings)&&(i.settings={inTangents:xs(t.settings.inTangents,Array),outTangents:xs(t.settings.outTangents,Array)})}return i.type=t.ValueTypeName,i}InterpolantFactoryMethodDiscrete(t){return new Ta(this.times,this.values,this.getValueSize(),t)}InterpolantFactoryMethodLinear(t){return new wa(this.times,this.values,this.getValueSize(),t)}InterpolantFactoryMethodSmooth(t){return new Ma(this.times,this.values,this.getValueSize(),t)}InterpolantFactoryMethodBezier(t){let e=new Ea(this.times,this.values,this.getValueSize(),t);return this.settings&&(e.inTangents=this.settings.inTangents,e.outTangents=this.settings.outTangents),e}setInterpolation(t){let e;switch(t){case Sr:e=this.InterpolantFactoryMethodDiscrete;break;case oa:e=this.InterpolantFactoryMethodLinear;break;case Zo:e=this.InterpolantFactoryMethodSmooth;break;case zc:e=this.InterpolantFactoryMethodBezier;break}if(e===void 0){let i="unsupported interpolation for "+this.ValueTypeName+" keyframe track named "+this.name;if(this.createInterpolant===void 0)if(t!==this.DefaultInterpolation)this.setInterpolation(this.DefaultInterpolation);else throw new Error(i);return Dt("KeyframeTrack:",i),this}return this.createInterpolant=e,this}getInterpolation(){switch(this.createInterpolant){case this.InterpolantFactoryMethodDiscrete:return Sr;case this.InterpolantFactoryMethodLinear:return oa;case this.InterpolantFactoryMethodSmooth:return Zo;case this.InterpolantFactoryMethodBezier:return zc}}getValueSize(){return this.values.length/this.times.length}shift(t){if(t!==0){let e=this.times;for(let i=0,n=e.length;i!==n;++i)e[i]+=t;qo(this.settings)&&(gd(this.settings.inTangents,t),gd(this.settings.outTangents,t))}return this}scale(t){if(t!==1){let e=this.times;for(let i=0,n=e.length;i!==n;++i)e[i]*=t;qo(this.settings)&&(_d(this.settings.inTangents,t),_d(this.settings.outTangents,t))}return this}trim(t,e){let i=this.times,n=i.length,r=0,o=n-1;for(;r!==n&&i[r]<t;)++r;for(;o!==-1&&i[o]>e;)--o;if(++o,r!==0||o!==n){r>=o&&(o=Math.max(o,1),r=o-1);let a=this.getValueSize();this.times=i.slice(r,o),this.values=this.values.slice(r*a,o*a)}return this}validate(){let t=!0,e=this.getValueSize();e-Math.floor(e)!==0&&(Ot("KeyframeTrack: Invalid value size in track.",this),t=!1);let i=this.times,n=this.values,r=i.length;r===0&&(Ot("KeyframeTrack: Track is empty.",this),t=!1);let o=null;for(let a=0;a!==r;a++){let l=i[a];if(typeof l=="number"&&isNaN(l)){Ot("KeyframeTrack: Time is not a valid number.",this,a,l),t=!1;break}if(o!==null&&o>l){Ot("KeyframeTrack: Out of order keys.",this,a,l,o),t=!1;break}o=l}if(n!==void 0&&Nm(n))for(let a=0,l=n.length;a!==l;++a){let c=n[a];if(isNaN(c)){Ot("KeyframeTrack: Value is not a valid number.",this,a,c),t=!1;break}}return t}optimize(){let t=this.times.slice(),e=this.values.slice(),i=this.getValueSize(),n=this.getInterpolation()===Zo,r=t.length-1,o=1;for(let a=1;a<r;++a){let l=!1,c=t[a],h=t[a+1];if(c!==h&&(a!==1||c!==t[0]))if(n)l=!0;else{let u=a*i,d=u-i,f=u+i;for(let m=0;m!==i;++m){let y=e[u+m];if(y!==e[d+m]||y!==e[f+m]){l=!0;break}}}if(l){if(a!==o){t[o]=t[a];let u=a*i,d=o*i;for(let f=0;f!==i;++f)e[d+f]=e[u+f]}++o}}if(r>0){t[o]=t[r];for(let a=r*i,l=o*i,c=0;c!==i;++c)e[l+c]=e[a+c];++o}return o!==t.length?(this.times=t.slice(0,o),this.values=e.slice(0,o*i)):(this.times=t,this.values=e),this}clone(){let t=this.times.slice(),e=this.values.slice(),i=this.constructor,n=new i(this.name,t,e);return n.createInterpolant=this.createInterpolant,qo(this.settings)&&(n.settings={inTangents:this.settings.inTangents.slice(),outTangents:this.settings.outTangents.slice()}),n}};En.prototype.ValueTypeName="";En.prototype.TimeBufferType=Float32Array;En.prototype.ValueBufferType=Float32Array;En.prototype.DefaultInterpolation=oa;Ri=class extends En{constructor(t,e,i){super(t,e,i)}};Ri.prototype.ValueTypeName="bool";Ri.prototype.ValueBufferType=Array;Ri.prototype.DefaultInterpolation=Sr;Ri.prototype.InterpolantFactoryMethodLinear=void 0;Ri.prototype.InterpolantFactoryMethodSmooth=void 0;Aa=class extends En{constructor(t,e,i,n){super(t,e,i,n)}};Aa.prototype.ValueTypeName="color";Ca=class extends En{constructor(t,e,i,n){super(t,e,i,n)}};Ca.prototype.ValueTypeName="number";Ra=class extends Ci{constructor(t,e,i,n){super(t,e,i,n)}interpolate_(t,e,i,n){let r=this.resultBuffer,o=this.sampleValues,a=this.valueSize,l=(i-e)/(n-e),c=t*a;for(let h=c+a;c!==h;c+=4)sn.slerpFlat(r,0,o,c-a,o,c,l);return r}},kr=class extends En{constructor(t,e,i,n){super(t,e,i,n)}InterpolantFactoryMethodLinear(t){return new Ra(this.times,this.values,this.getValueSize(),t)}};kr.prototype.ValueTypeName="quaternion";kr.prototype.InterpolantFactoryMethodSmooth=void 0;Pi=class extends En{constructor(t,e,i){super(t,e,i)}};Pi.prototype.ValueTypeName="string";Pi.prototype.ValueBufferType=Array;Pi.prototype.DefaultInterpolation=Sr;Pi.prototype.InterpolantFactoryMethodLinear=void 0;Pi.prototype.InterpolantFactoryMethodSmooth=void 0;Pa=class extends En{constructor(t,e,i,n){super(t,e,i,n)}};Pa.prototype.ValueTypeName="vector";Ia=class{constructor(t,e,i){let n=this,r=!1,o=0,a=0,l,c=[];this.onStart=void 0,this.onLoad=t,this.onProgress=e,this.onError=i,this._abortController=null,this.itemStart=function(h){a++,r===!1&&n.onStart!==void 0&&n.onStart(h,o,a),r=!0},this.itemEnd=function(h){o++,n.onProgress!==void 0&&n.onProgress(h,o,a),o===a&&(r=!1,n.onLoad!==void 0&&n.onLoad())},this.itemError=function(h){n.onError!==void 0&&n.onError(h)},this.resolveURL=function(h){return h=h.normalize("NFC"),l?l(h):h},this.setURLModifier=function(h){return l=h,this},this.addHandler=function(h,u){return c.push(h,u),this},this.removeHandler=function(h){let u=c.indexOf(h);return u!==-1&&c.splice(u,2),this},this.getHandler=function(h){for(let u=0,d=c.length;u<d;u+=2){let f=c[u],m=c[u+1];if(f.global&&(f.lastIndex=0),f.test(h))return m}return null},this.abort=function(){return this.abortController.abort(),this._abortController=null,this}}get abortController(){return this._abortController||(this._abortController=new AbortController),this._abortController}},pf=new Ia,La=class{constructor(t){this.manager=t!==void 0?t:pf,this.crossOrigin="anonymous",this.withCredentials=!1,this.path="",this.resourcePath="",this.requestHeader={},this.priority="auto",this.cache="default",typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}load(){}loadAsync(t,e){let i=this;return new Promise(function(n,r){i.load(t,n,e,r)})}parse(){}setCrossOrigin(t){return this.crossOrigin=t,this}setWithCredentials(t){return this.withCredentials=t,this}setPath(t){return this.path=t,this}setResourcePath(t){return this.resourcePath=t,this}setRequestHeader(t){return this.requestHeader=t,this}setPriority(t){return this.priority=t,this}setCache(t){return this.cache=t,this}abort(){return this}};La.DEFAULT_MATERIAL_NAME="__DEFAULT";Us=class extends We{static registerNode(t){this.prototype._lightNode=t}constructor(t,e=1){super(),this.isLight=!0,this.type="Light",this.color=new Wt(t),this.intensity=e}copy(t,e){return super.copy(t,e),this.color.copy(t.color),this.intensity=t.intensity,this}toJSON(t){let e=super.toJSON(t);return e.object.color=this.color.getHex(),e.object.intensity=this.intensity,e}},zr=class extends Us{constructor(t,e,i){super(t,i),this.isHemisphereLight=!0,this.type="HemisphereLight",this.position.copy(We.DEFAULT_UP),this.updateMatrix(),this.groundColor=new Wt(e)}copy(t,e){return super.copy(t,e),this.groundColor.copy(t.groundColor),this}toJSON(t){let e=super.toJSON(t);return e.object.groundColor=this.groundColor.getHex(),e}},Bc=new kt,xd=new R,yd=new R,Da=class{constructor(t){this.camera=t,this.intensity=1,this.bias=0,this.biasNode=null,this.normalBias=0,this.radius=1,this.blurSamples=8,this.mapSize=new ht(512,512),this.mapType=_n,this.map=null,this.mapPass=null,this.matrix=new kt,this.autoUpdate=!0,this.needsUpdate=!1,this._frustum=new di,this._frameExtents=new ht(1,1),this._viewportCount=1,this._viewports=[new be(0,0,1,1)]}getViewportCount(){return this._viewportCount}getCamera(){return this.camera}getFrustum(){return this._frustum}updateMatrices(t){let e=this.camera;xd.setFromMatrixPosition(t.matrixWorld),e.position.copy(xd),yd.setFromMatrixPosition(t.target.matrixWorld),e.lookAt(yd),e.updateMatrixWorld(),this._updateMatrix(e,this.matrix,this._frustum)}_updateMatrix(t,e,i,n){Bc.multiplyMatrices(t.projectionMatrix,t.matrixWorldInverse),i.setFromProjectionMatrix(Bc,t.coordinateSystem,t.reversedDepth);let r=this._frameExtents,o=n?n.z/r.x:1,a=n?n.w/r.y:1,l=n?n.x/r.x:0,c=n?n.y/r.y:0;t.coordinateSystem===Ts||t.reversedDepth?e.set(.5*o,0,0,.5*o+l,0,.5*a,0,.5*a+c,0,0,1,0,0,0,0,1):e.set(.5*o,0,0,.5*o+l,0,.5*a,0,.5*a+c,0,0,.5,.5,0,0,0,1),e.multiply(Bc)}getViewport(t){return this._viewports[t]}getFrameExtents(){return this._frameExtents}dispose(){this.map&&this.map.dispose(),this.mapPass&&this.mapPass.dispose()}copy(t){return this.camera=t.camera.clone(),this.intensity=t.intensity,this.bias=t.bias,this.radius=t.radius,this.autoUpdate=t.autoUpdate,this.needsUpdate=t.needsUpdate,this.normalBias=t.normalBias,this.blurSamples=t.blurSamples,this.mapSize.copy(t.mapSize),this.mapType=t.mapType,this.biasNode=t.biasNode,this}clone(){return new this.constructor().copy(this)}toJSON(){let t={};return t.intensity=this.intensity,t.bias=this.bias,t.normalBias=this.normalBias,t.radius=this.radius,t.blurSamples=this.blurSamples,t.mapSize=this.mapSize.toArray(),t.mapType=this.mapType,t.camera=this.camera.toJSON(!1).object,delete t.camera.matrix,t}},Xo=new R,Yo=new sn,Yn=new R,Vr=class extends We{constructor(){super(),this.isCamera=!0,this.type="Camera",this.matrixWorldInverse=new kt,this.projectionMatrix=new kt,this.projectionMatrixInverse=new kt,this.coordinateSystem=Pn,this._reversedDepth=!1}get reversedDepth(){return this._reversedDepth}copy(t,e){return super.copy(t,e),this.matrixWorldInverse.copy(t.matrixWorldInverse),this.projectionMatrix.copy(t.projectionMatrix),this.projectionMatrixInverse.copy(t.projectionMatrixInverse),this.coordinateSystem=t.coordinateSystem,this}getWorldDirection(t){return super.getWorldDirection(t).negate()}updateMatrixWorld(t){super.updateMatrixWorld(t),this.matrixWorld.decompose(Xo,Yo,Yn),Yn.x===1&&Yn.y===1&&Yn.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Xo,Yo,Yn.set(1,1,1)).invert()}updateWorldMatrix(t,e,i=!1){super.updateWorldMatrix(t,e,i),this.matrixWorld.decompose(Xo,Yo,Yn),Yn.x===1&&Yn.y===1&&Yn.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Xo,Yo,Yn.set(1,1,1)).invert()}clone(){return new this.constructor().copy(this)}},Ti=new R,vd=new ht,Sd=new ht,cn=class extends Vr{constructor(t=50,e=1,i=.1,n=2e3){super(),this.isPerspectiveCamera=!0,this.type="PerspectiveCamera",this.fov=t,this.zoom=1,this.near=i,this.far=n,this.focus=10,this.aspect=e,this.view=null,this.filmGauge=35,this.filmOffset=0,this.updateProjectionMatrix()}copy(t,e){return super.copy(t,e),this.fov=t.fov,this.zoom=t.zoom,this.near=t.near,this.far=t.far,this.focus=t.focus,this.aspect=t.aspect,this.view=t.view===null?null:Object.assign({},t.view),this.filmGauge=t.filmGauge,this.filmOffset=t.filmOffset,this}setFocalLength(t){let e=.5*this.getFilmHeight()/t;this.fov=As*2*Math.atan(e),this.updateProjectionMatrix()}getFocalLength(){let t=Math.tan(_r*.5*this.fov);return .5*this.getFilmHeight()/t}getEffectiveFOV(){return As*2*Math.atan(Math.tan(_r*.5*this.fov)/this.zoom)}getFilmWidth(){return this.filmGauge*Math.min(this.aspect,1)}getFilmHeight(){return this.filmGauge/Math.max(this.aspect,1)}getViewBounds(t,e,i){Ti.set(-1,-1,.5).applyMatrix4(this.projectionMatrixInverse),e.set(Ti.x,Ti.y).multiplyScalar(-t/Ti.z),Ti.set(1,1,.5).applyMatrix4(this.projectionMatrixInverse),i.set(Ti.x,Ti.y).multiplyScalar(-t/Ti.z)}getViewSize(t,e){return this.getViewBounds(t,vd,Sd),e.subVectors(Sd,vd)}setViewOffset(t,e,i,n,r,o){this.aspect=t/e,this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=t,this.view.fullHeight=e,this.view.offsetX=i,this.view.offsetY=n,this.view.width=r,this.view.height=o,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let t=this.near,e=t*Math.tan(_r*.5*this.fov)/this.zoom,i=2*e,n=this.aspect*i,r=-.5*n,o=this.view;if(this.view!==null&&this.view.enabled){let l=o.fullWidth,c=o.fullHeight;r+=o.offsetX*n/l,e-=o.offsetY*i/c,n*=o.width/l,i*=o.height/c}let a=this.filmOffset;a!==0&&(r+=t*a/this.getFilmWidth()),this.projectionMatrix.makePerspective(r,r+n,e,e-i,t,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(t){let e=super.toJSON(t);return e.object.fov=this.fov,e.object.zoom=this.zoom,e.object.near=this.near,e.object.far=this.far,e.object.focus=this.focus,e.object.aspect=this.aspect,this.view!==null&&(e.object.view=Object.assign({},this.view)),e.object.filmGauge=this.filmGauge,e.object.filmOffset=this.filmOffset,e}},Hr=class extends Vr{constructor(t=-1,e=1,i=1,n=-1,r=.1,o=2e3){super(),this.isOrthographicCamera=!0,this.type="OrthographicCamera",this.zoom=1,this.view=null,this.left=t,this.right=e,this.top=i,this.bottom=n,this.near=r,this.far=o,this.updateProjectionMatrix()}copy(t,e){return super.copy(t,e),this.left=t.left,this.right=t.right,this.top=t.top,this.bottom=t.bottom,this.near=t.near,this.far=t.far,this.zoom=t.zoom,this.view=t.view===null?null:Object.assign({},t.view),this}setViewOffset(t,e,i,n,r,o){this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=t,this.view.fullHeight=e,this.view.offsetX=i,this.view.offsetY=n,this.view.width=r,this.view.height=o,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let t=(this.right-this.left)/(2*this.zoom),e=(this.top-this.bottom)/(2*this.zoom),i=(this.right+this.left)/2,n=(this.top+this.bottom)/2,r=i-t,o=i+t,a=n+e,l=n-e;if(this.view!==null&&this.view.enabled){let c=(this.right-this.left)/this.view.fullWidth/this.zoom,h=(this.top-this.bottom)/this.view.fullHeight/this.zoom;r+=c*this.view.offsetX,o=r+c*this.view.width,a-=h*this.view.offsetY,l=a-h*this.view.height}this.projectionMatrix.makeOrthographic(r,o,a,l,this.near,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(t){let e=super.toJSON(t);return e.object.zoom=this.zoom,e.object.left=this.left,e.object.right=this.right,e.object.top=this.top,e.object.bottom=this.bottom,e.object.near=this.near,e.object.far=this.far,this.view!==null&&(e.object.view=Object.assign({},this.view)),e}},Xc=class extends Da{constructor(){super(new Hr(-5,5,5,-5,.5,500)),this.isDirectionalLightShadow=!0}},Gr=class extends Us{constructor(t,e){super(t,e),this.isDirectionalLight=!0,this.type="DirectionalLight",this.position.copy(We.DEFAULT_UP),this.updateMatrix(),this.target=new We,this.shadow=new Xc}dispose(){super.dispose(),this.shadow.dispose()}copy(t){return super.copy(t),this.target=t.target.clone(),this.shadow=t.shadow.clone(),this}toJSON(t){let e=super.toJSON(t);return e.object.shadow=this.shadow.toJSON(),e.object.target=this.target.uuid,e}},Wr=class extends Us{constructor(t,e){super(t,e),this.isAmbientLight=!0,this.type="AmbientLight"}},ys=-90,vs=1,Fs=class extends We{constructor(t,e,i){super(),this.type="CubeCamera",this.renderTarget=i,this.coordinateSystem=null,this.activeMipmapLevel=0;let n=new cn(ys,vs,t,e);n.layers=this.layers,this.add(n);let r=new cn(ys,vs,t,e);r.layers=this.layers,this.add(r);let o=new cn(ys,vs,t,e);o.layers=this.layers,this.add(o);let a=new cn(ys,vs,t,e);a.layers=this.layers,this.add(a);let l=new cn(ys,vs,t,e);l.layers=this.layers,this.add(l);let c=new cn(ys,vs,t,e);c.layers=this.layers,this.add(c)}updateCoordinateSystem(){let t=this.coordinateSystem,e=this.children.concat(),[i,n,r,o,a,l]=e;for(let c of e)this.remove(c);if(t===Pn)i.up.set(0,1,0),i.lookAt(1,0,0),n.up.set(0,1,0),n.lookAt(-1,0,0),r.up.set(0,0,-1),r.lookAt(0,1,0),o.up.set(0,0,1),o.lookAt(0,-1,0),a.up.set(0,1,0),a.lookAt(0,0,1),l.up.set(0,1,0),l.lookAt(0,0,-1);else if(t===Ts)i.up.set(0,-1,0),i.lookAt(-1,0,0),n.up.set(0,-1,0),n.lookAt(1,0,0),r.up.set(0,0,1),r.lookAt(0,1,0),o.up.set(0,0,-1),o.lookAt(0,-1,0),a.up.set(0,-1,0),a.lookAt(0,0,1),l.up.set(0,-1,0),l.lookAt(0,0,-1);else throw new Error("THREE.CubeCamera.updateCoordinateSystem(): Invalid coordinate system: "+t);for(let c of e)this.add(c),c.updateMatrixWorld()}update(t,e){this.parent===null&&this.updateMatrixWorld();let{renderTarget:i,activeMipmapLevel:n}=this;this.coordinateSystem!==t.coordinateSystem&&(this.coordinateSystem=t.coordinateSystem,this.updateCoordinateSystem());let[r,o,a,l,c,h]=this.children,u=t.getRenderTarget(),d=t.getActiveCubeFace(),f=t.getActiveMipmapLevel(),m=t.xr.enabled;t.xr.enabled=!1;let y=i.texture.mipmapsAutoUpdate;i.texture.mipmapsAutoUpdate=!1;let p=!1;t.isWebGLRenderer===!0?p=t.state.buffers.depth.getReversed():p=t.reversedDepthBuffer,t.setRenderTarget(i,0,n),p&&t.autoClear===!1&&t.clearDepth(),t.render(e,r),t.setRenderTarget(i,1,n),p&&t.autoClear===!1&&t.clearDepth(),t.render(e,o),t.setRenderTarget(i,2,n),p&&t.autoClear===!1&&t.clearDepth(),t.render(e,a),t.setRenderTarget(i,3,n),p&&t.autoClear===!1&&t.clearDepth(),t.render(e,l),t.setRenderTarget(i,4,n),p&&t.autoClear===!1&&t.clearDepth(),t.render(e,c),i.texture.mipmapsAutoUpdate=y,t.setRenderTarget(i,5,n),p&&t.autoClear===!1&&t.clearDepth(),t.render(e,h),t.setRenderTarget(u,d,f),t.xr.enabled=m,i.texture.needsPMREMUpdate=!0}},Na=class extends cn{constructor(t=[]){super(),this.isArrayCamera=!0,this.isMultiViewCamera=!1,this.cameras=t,this.perCameraFrustumCulled=!1}},Ch="\\[\\]\\.:\\/",Ng=new RegExp("["+Ch+"]","g"),Rh="[^"+Ch+"]",Ug="[^"+Ch.replace("\\.","")+"]",Fg=/((?:WC+[\/:])*)/.source.replace("WC",Rh),Og=/(WCOD+)?/.source.replace("WCOD",Ug),Bg=/(?:\.(WC+)(?:\[(.+)\])?)?/.source.replace("WC",Rh),kg=/\.(WC+)(?:\[(.+)\])?/.source.replace("WC",Rh),zg=new RegExp("^"+Fg+Og+Bg+kg+"$"),Vg=["material","materials","bones","map"],Yc=class{constructor(t,e,i){let n=i||Se.parseTrackName(e);this._targetGroup=t,this._bindings=t.subscribe_(e,n)}getValue(t,e){this.bind();let i=this._targetGroup.nCachedObjects_,n=this._bindings[i];n!==void 0&&n.getValue(t,e)}setValue(t,e){let i=this._bindings;for(let n=this._targetGroup.nCachedObjects_,r=i.length;n!==r;++n)i[n].setValue(t,e)}bind(){let t=this._bindings;for(let e=this._targetGroup.nCachedObjects_,i=t.length;e!==i;++e)t[e].bind()}unbind(){let t=this._bindings;for(let e=this._targetGroup.nCachedObjects_,i=t.length;e!==i;++e)t[e].unbind()}},Se=class s{constructor(t,e,i){this.path=e,this.parsedPath=i||s.parseTrackName(e),this.node=s.findNode(t,this.parsedPath.nodeName),this.rootNode=t,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}static create(t,e,i){return t&&t.isAnimationObjectGroup?new s.Composite(t,e,i):new s(t,e,i)}static sanitizeNodeName(t){return t.replace(/\s/g,"_").replace(Ng,"")}static parseTrackName(t){let e=zg.exec(t);if(e===null)throw new Error("THREE.PropertyBinding: Cannot parse trackName: "+t);let i={nodeName:e[2],objectName:e[3],objectIndex:e[4],propertyName:e[5],propertyIndex:e[6]},n=i.nodeName&&i.nodeName.lastIndexOf(".");if(n!==void 0&&n!==-1){let r=i.nodeName.substring(n+1);Vg.indexOf(r)!==-1&&(i.nodeName=i.nodeName.substring(0,n),i.objectName=r)}if(i.propertyName===null||i.propertyName.length===0)throw new Error("THREE.PropertyBinding: can not parse propertyName from trackName: "+t);return i}static findNode(t,e){if(e===void 0||e===""||e==="."||e===-1||e===t.name||e===t.uuid)return t;if(t.skeleton){let i=t.skeleton.getBoneByName(e);if(i!==void 0)return i}if(t.children){let i=function(r){for(let o=0;o<r.length;o++){let a=r[o];if(a.name===e||a.uuid===e)return a;let l=i(a.children);if(l)return l}return null},n=i(t.children);if(n)return n}return null}_getValue_unavailable(){}_setValue_unavailable(){}_getValue_direct(t,e){t[e]=this.targetObject[this.propertyName]}_getValue_array(t,e){let i=this.resolvedProperty;for(let n=0,r=i.length;n!==r;++n)t[e++]=i[n]}_getValue_arrayElement(t,e){t[e]=this.resolvedProperty[this.propertyIndex]}_getValue_toArray(t,e){this.resolvedProperty.toArray(t,e)}_setValue_direct(t,e){this.targetObject[this.propertyName]=t[e]}_setValue_direct_setNeedsUpdate(t,e){this.targetObject[this.propertyName]=t[e],this.targetObject.needsUpdate=!0}_setValue_direct_setMatrixWorldNeedsUpdate(t,e){this.targetObject[this.propertyName]=t[e],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_array(t,e){let i=this.resolvedProperty;for(let n=0,r=i.length;n!==r;++n)i[n]=t[e++]}_setValue_array_setNeedsUpdate(t,e){let i=this.resolvedProperty;for(let n=0,r=i.length;n!==r;++n)i[n]=t[e++];this.targetObject.needsUpdate=!0}_setValue_array_setMatrixWorldNeedsUpdate(t,e){let i=this.resolvedProperty;for(let n=0,r=i.length;n!==r;++n)i[n]=t[e++];this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_arrayElement(t,e){this.resolvedProperty[this.propertyIndex]=t[e]}_setValue_arrayElement_setNeedsUpdate(t,e){this.resolvedProperty[this.propertyIndex]=t[e],this.targetObject.needsUpdate=!0}_setValue_arrayElement_setMatrixWorldNeedsUpdate(t,e){this.resolvedProperty[this.propertyIndex]=t[e],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_fromArray(t,e){this.resolvedProperty.fromArray(t,e)}_setValue_fromArray_setNeedsUpdate(t,e){this.resolvedProperty.fromArray(t,e),this.targetObject.needsUpdate=!0}_setValue_fromArray_setMatrixWorldNeedsUpdate(t,e){this.resolvedProperty.fromArray(t,e),this.targetObject.matrixWorldNeedsUpdate=!0}_getValue_unbound(t,e){this.bind(),this.getValue(t,e)}_setValue_unbound(t,e){this.bind(),this.setValue(t,e)}bind(){let t=this.node,e=this.parsedPath,i=e.objectName,n=e.propertyName,r=e.propertyIndex;if(t||(t=s.findNode(this.rootNode,e.nodeName),this.node=t),this.getValue=this._getValue_unavailable,this.setValue=this._setValue_unavailable,!t){Dt("PropertyBinding: No target node found for track: "+this.path+".");return}if(i){let c=e.objectIndex;switch(i){case"materials":if(!t.material){Ot("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.materials){Ot("PropertyBinding: Can not bind to material.materials as node.material does not have a materials array.",this);return}t=t.material.materials;break;case"bones":if(!t.skeleton){Ot("PropertyBinding: Can not bind to bones as node does not have a skeleton.",this);return}t=t.skeleton.bones;for(let h=0;h<t.length;h++)if(t[h].name===c){c=h;break}break;case"map":if("map"in t){t=t.map;break}if(!t.material){Ot("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.map){Ot("PropertyBinding: Can not bind to material.map as node.material does not have a map.",this);return}t=t.material.map;break;default:if(t[i]===void 0){Ot("PropertyBinding: Can not bind to objectName of node undefined.",this);return}t=t[i]}if(c!==void 0){if(t[c]===void 0){Ot("PropertyBinding: Trying to bind to objectIndex of objectName, but is undefined.",this,t);return}t=t[c]}}let o=t[n];if(o===void 0){let c=e.nodeName;Ot("PropertyBinding: Trying to update property for track: "+c+"."+n+" but it wasn't found.",t);return}let a=this.Versioning.None;this.targetObject=t,t.isMaterial===!0?a=this.Versioning.NeedsUpdate:t.isObject3D===!0&&(a=this.Versioning.MatrixWorldNeedsUpdate);let l=this.BindingType.Direct;if(r!==void 0){if(n==="morphTargetInfluences"){if(!t.geometry){Ot("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.",this);return}if(!t.geometry.morphAttributes){Ot("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.morphAttributes.",this);return}t.morphTargetDictionary[r]!==void 0&&(r=t.morphTargetDictionary[r])}l=this.BindingType.ArrayElement,this.resolvedProperty=o,this.propertyIndex=r}else o.fromArray!==void 0&&o.toArray!==void 0?(l=this.BindingType.HasFromToArray,this.resolvedProperty=o):Array.isArray(o)?(l=this.BindingType.EntireArray,this.resolvedProperty=o):this.propertyName=n;this.getValue=this.GetterByBindingType[l],this.setValue=this.SetterByBindingTypeAndVersioning[l][a]}unbind(){this.node=null,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}};Se.Composite=Yc;Se.prototype.BindingType={Direct:0,EntireArray:1,ArrayElement:2,HasFromToArray:3};Se.prototype.Versioning={None:0,NeedsUpdate:1,MatrixWorldNeedsUpdate:2};Se.prototype.GetterByBindingType=[Se.prototype._getValue_direct,Se.prototype._getValue_array,Se.prototype._getValue_arrayElement,Se.prototype._getValue_toArray];Se.prototype.SetterByBindingTypeAndVersioning=[[Se.prototype._setValue_direct,Se.prototype._setValue_direct_setNeedsUpdate,Se.prototype._setValue_direct_setMatrixWorldNeedsUpdate],[Se.prototype._setValue_array,Se.prototype._setValue_array_setNeedsUpdate,Se.prototype._setValue_array_setMatrixWorldNeedsUpdate],[Se.prototype._setValue_arrayElement,Se.prototype._setValue_arrayElement_setNeedsUpdate,Se.prototype._setValue_arrayElement_setMatrixWorldNeedsUpdate],[Se.prototype._setValue_fromArray,Se.prototype._setValue_fromArray_setNeedsUpdate,Se.prototype._setValue_fromArray_setMatrixWorldNeedsUpdate]];TS=new Float32Array(1),bd=new kt,qr=class{constructor(t,e,i=0,n=1/0){this.ray=new Vn(t,e),this.near=i,this.far=n,this.camera=null,this.layers=new Rs,this.params={Mesh:{},Line:{threshold:1},LOD:{},Points:{threshold:1},Sprite:{}}}set(t,e){this.ray.set(t,e)}setFromCamera(t,e){e.isPerspectiveCamera?(this.ray.origin.setFromMatrixPosition(e.matrixWorld),this.ray.direction.set(t.x,t.y,.5).unproject(e).sub(this.ray.origin).normalize(),this.camera=e):e.isOrthographicCamera?(this.ray.origin.set(t.x,t.y,e.projectionMatrix.elements[14]).unproject(e),this.ray.direction.set(0,0,-1).transformDirection(e.matrixWorld),this.camera=e):Ot("Raycaster: Unsupported camera type: "+e.type)}setFromXRController(t){return bd.identity().extractRotation(t.matrixWorld),this.ray.origin.setFromMatrixPosition(t.matrixWorld),this.ray.direction.set(0,0,-1).applyMatrix4(bd),this}intersectObject(t,e=!0,i=[]){return $c(t,this,i,e),i.sort(Md),i}intersectObjects(t,e=!0,i=[]){for(let n=0,r=t.length;n<r;n++)$c(t[n],this,i,e);return i.sort(Md),i}};Os=class{constructor(t=1,e=0,i=0){this.radius=t,this.phi=e,this.theta=i}set(t,e,i){return this.radius=t,this.phi=e,this.theta=i,this}copy(t){return this.radius=t.radius,this.phi=t.phi,this.theta=t.theta,this}makeSafe(){return this.phi=zt(this.phi,1e-6,Math.PI-1e-6),this}setFromVector3(t){return this.setFromCartesianCoords(t.x,t.y,t.z)}setFromCartesianCoords(t,e,i){return this.radius=Math.sqrt(t*t+e*e+i*i),this.radius===0?(this.theta=0,this.phi=0):(this.theta=Math.atan2(t,i),this.phi=Math.acos(zt(e/this.radius,-1,1))),this}clone(){return new this.constructor().copy(this)}},Zc=class{static{this.prototype.isMatrix2=!0}constructor(t,e,i,n){this.elements=[1,0,0,1],t!==void 0&&this.set(t,e,i,n)}identity(){return this.set(1,0,0,1),this}fromArray(t,e=0){for(let i=0;i<4;i++)this.elements[i]=t[i+e];return this}set(t,e,i,n){let r=this.elements;return r[0]=t,r[2]=e,r[1]=i,r[3]=n,this}},wd=new R,$o=new R,Ss=new R,bs=new R,kc=new R,Hg=new R,Gg=new R,dn=class{constructor(t=new R,e=new R){this.start=t,this.end=e}set(t,e){return this.start.copy(t),this.end.copy(e),this}copy(t){return this.start.copy(t.start),this.end.copy(t.end),this}getCenter(t){return t.addVectors(this.start,this.end).multiplyScalar(.5)}delta(t){return t.subVectors(this.end,this.start)}distanceSq(){return this.start.distanceToSquared(this.end)}distance(){return this.start.distanceTo(this.end)}at(t,e){return this.delta(e).multiplyScalar(t).add(this.start)}closestPointToPointParameter(t,e){wd.subVectors(t,this.start),$o.subVectors(this.end,this.start);let i=$o.dot($o);if(i===0)return 0;let r=$o.dot(wd)/i;return e&&(r=zt(r,0,1)),r}closestPointToPoint(t,e,i){let n=this.closestPointToPointParameter(t,e);return this.delta(i).multiplyScalar(n).add(this.start)}distanceSqToLine3(t,e=Hg,i=Gg){let n=10000000000000001e-32,r,o,a=this.start,l=t.start,c=this.end,h=t.end;Ss.subVectors(c,a),bs.subVectors(h,l),kc.subVectors(a,l);let u=Ss.dot(Ss),d=bs.dot(bs),f=bs.dot(kc);if(u<=n&&d<=n)return e.copy(a),i.copy(l),e.distanceToSquared(i);if(u<=n)r=0,o=f/d,o=zt(o,0,1);else{let m=Ss.dot(kc);if(d<=n)o=0,r=zt(-m/u,0,1);else{let y=Ss.dot(bs),p=u*d-y*y;p!==0?r=zt((y*f-m*d)/p,0,1):r=0,o=(y*r+f)/d,o<0?(o=0,r=zt(-m/u,0,1)):o>1&&(o=1,r=zt((y-m)/u,0,1))}}return e.copy(a).addScaledVector(Ss,r),i.copy(l).addScaledVector(bs,o),e.distanceToSquared(i)}applyMatrix4(t){return this.start.applyMatrix4(t),this.end.applyMatrix4(t),this}equals(t){return t.start.equals(this.start)&&t.end.equals(this.end)}clone(){return new this.constructor().copy(this)}},Xr=class extends zn{constructor(t,e=null){super(),this.object=t,this.domElement=e,this.enabled=!0,this.state=-1,this.keys={},this.mouseButtons={LEFT:null,MIDDLE:null,RIGHT:null},this.touches={ONE:null,TWO:null}}connect(t){this.domElement!==null&&this.disconnect(),this.domElement=t}disconnect(){}dispose(){}update(){}};typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("register",{detail:{revision:"187"}}));typeof window<"u"&&(window.__THREE__?Dt("WARNING: Multiple instances of Three.js being imported."):window.__THREE__="187")});function Ff(){let s=null,t=!1,e=null,i=null;function n(r,o){i=s.requestAnimationFrame(n),e(r,o)}return{start:function(){t!==!0&&e!==null&&s!==null&&(i=s.requestAnimationFrame(n),t=!0)},stop:function(){s!==null&&s.cancelAnimationFrame(i),t=!1},setAnimationLoop:function(r){e=r},setContext:function(r){s=r}}}function qg(s){let t=new WeakMap;function e(a,l){let c=a.array,h=a.usage,u=c.byteLength,d=s.createBuffer();s.bindBuffer(l,d),s.bufferData(l,c,h),a.onUploadCallback();let f;if(c instanceof Float32Array)f=s.FLOAT;else if(typeof Float16Array<"u"&&c instanceof Float16Array)f=s.HALF_FLOAT;else if(c instanceof Uint16Array)a.isFloat16BufferAttribute?f=s.HALF_FLOAT:f=s.UNSIGNED_SHORT;else if(c instanceof Int16Array)f=s.SHORT;else if(c instanceof Uint32Array)f=s.UNSIGNED_INT;else if(c instanceof Int32Array)f=s.INT;else if(c instanceof Int8Array)f=s.BYTE;else if(c instanceof Uint8Array)f=s.UNSIGNED_BYTE;else if(c instanceof Uint8ClampedArray)f=s.UNSIGNED_BYTE;else throw new Error("THREE.WebGLAttributes: Unsupported buffer data format: "+c);return{buffer:d,type:f,bytesPerElement:c.BYTES_PER_ELEMENT,version:a.version,size:u}}function i(a,l,c){let h=l.array,u=l.updateRanges;if(s.bindBuffer(c,a),u.length===0)s.bufferSubData(c,0,h);else{u.sort((f,m)=>f.start-m.start);let d=0;for(let f=1;f<u.length;f++){let m=u[d],y=u[f];y.start<=m.start+m.count+1?m.count=Math.max(m.count,y.start+y.count-m.start):(++d,u[d]=y)}u.length=d+1;for(let f=0,m=u.length;f<m;f++){let y=u[f];s.bufferSubData(c,y.start*h.BYTES_PER_ELEMENT,h,y.start,y.count)}l.clearUpdateRanges()}l.onUploadCallback()}function n(a){return a.isInterleavedBufferAttribute&&(a=a.data),t.get(a)}function r(a){a.isInterleavedBufferAttribute&&(a=a.data);let l=t.get(a);l&&(s.deleteBuffer(l.buffer),t.delete(a))}function o(a,l){if(a.isInterleavedBufferAttribute&&(a=a.data),a.isGLBufferAttribute){let h=t.get(a);(!h||h.version<a.version)&&t.set(a,{buffer:a.buffer,type:a.type,bytesPerElement:a.elementSize,version:a.version});return}let c=t.get(a);if(c===void 0)t.set(a,e(a,l));else if(c.version<a.version){if(c.size!==a.array.byteLength)throw new Error("THREE.WebGLAttributes: The size of the buffer attribute's array buffer does not match the original size. Resizing buffer attributes is not supported.");i(c.buffer,a,l),c.version=a.version}}return{get:n,remove:r,update:o}}function Ex(s,t,e,i,n,r){let o=new Wt(0),a=n===!0?0:1,l,c,h=null,u=0,d=null;function f(x){let S=x.isScene===!0?x.background:null;if(S&&S.isTexture){let v=x.backgroundBlurriness>0;S=t.get(S,v)}return S}function m(x){let S=!1,v=f(x);v===null?p(o,a):v&&v.isColor&&(p(v,1),S=!0);let M=s.xr.getEnvironmentBlendMode();M==="additive"?e.buffers.color.setClear(0,0,0,1,r):M==="alpha-blend"&&e.buffers.color.setClear(0,0,0,0,r),(s.autoClear||S)&&(e.buffers.depth.setTest(!0),e.buffers.depth.setMask(!0),e.buffers.color.setMask(!0),s.clear(s.autoClearColor,s.autoClearDepth,s.autoClearStencil))}function y(x,S){let v=f(S);v&&v.isCubeTexture?(c===void 0&&(c=new Ee(new Ds(1,1,1),new Jn({name:"BackgroundCubeMaterial",uniforms:is(Qn.backgroundCube.uniforms),vertexShader:Qn.backgroundCube.vertexShader,fragmentShader:Qn.backgroundCube.fragmentShader,side:$e,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),c.geometry.deleteAttribute("normal"),c.geometry.deleteAttribute("uv"),c.onBeforeRender=function(M,w,g){this.matrixWorld.copyPosition(g.matrixWorld)},Object.defineProperty(c.material,"envMap",{get:function(){return this.uniforms.envMap.value}}),i.update(c)),c.material.uniforms.envMap.value=v,c.material.uniforms.backgroundBlurriness.value=S.backgroundBlurriness,c.material.uniforms.backgroundIntensity.value=S.backgroundIntensity,c.material.uniforms.backgroundRotation.value.setFromMatrix4(Tx.makeRotationFromEuler(S.backgroundRotation)).transpose(),v.isRenderTargetTexture===!1&&c.material.uniforms.backgroundRotation.value.premultiply(Of),c.material.toneMapped=Jt.getTransfer(v.colorSpace)!==ce,(h!==v||u!==v.version||d!==s.toneMapping)&&(c.material.needsUpdate=!0,h=v,u=v.version,d=s.toneMapping),c.layers.enableAll(),x.unshift(c,c.geometry,c.material,0,0,null)):v&&v.isTexture&&(l===void 0&&(l=new Ee(new Or(2,2),new Jn({name:"BackgroundMaterial",uniforms:is(Qn.background.uniforms),vertexShader:Qn.background.vertexShader,fragmentShader:Qn.background.fragmentShader,side:Hn,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),l.geometry.deleteAttribute("normal"),Object.defineProperty(l.material,"map",{get:function(){return this.uniforms.t2D.value}}),i.update(l)),l.material.uniforms.t2D.value=v,l.material.uniforms.backgroundIntensity.value=S.backgroundIntensity,l.material.toneMapped=Jt.getTransfer(v.colorSpace)!==ce,v.matrixAutoUpdate===!0&&v.updateMatrix(),l.material.uniforms.uvTransform.value.copy(v.matrix),(h!==v||u!==v.version||d!==s.toneMapping)&&(l.material.needsUpdate=!0,h=v,u=v.version,d=s.toneMapping),l.layers.enableAll(),x.unshift(l,l.geometry,l.material,0,0,null))}function p(x,S){x.getRGB(Sl,Ah(s)),e.buffers.color.setClear(Sl.r,Sl.g,Sl.b,S,r)}function _(){c!==void 0&&(c.geometry.dispose(),c.material.dispose(),c=void 0),l!==void 0&&(l.geometry.dispose(),l.material.dispose(),l=void 0)}return{getClearColor:function(){return o},setClearColor:function(x,S=1){o.set(x),a=S,p(o,a)},getClearAlpha:function(){return a},setClearAlpha:function(x){a=x,p(o,a)},render:m,addToRenderList:y,dispose:_}}function Ax(s,t){let e=s.getParameter(s.MAX_VERTEX_ATTRIBS),i={},n=d(null),r=n,o=!1;function a(P,I,U,L,k){let H=!1,q=u(P,L,U,I);r!==q&&(r=q,c(r.object)),H=f(P,L,U,k),H&&m(P,L,U,k),k!==null&&t.update(k,s.ELEMENT_ARRAY_BUFFER),(H||o)&&(o=!1,v(P,I,U,L),k!==null&&s.bindBuffer(s.ELEMENT_ARRAY_BUFFER,t.get(k).buffer))}function l(){return s.createVertexArray()}function c(P){return s.bindVertexArray(P)}function h(P){return s.deleteVertexArray(P)}function u(P,I,U,L){let k=L.wireframe===!0,H=i[I.id];H===void 0&&(H={},i[I.id]=H);let q=P.isInstancedMesh===!0?P.id:0,it=H[q];it===void 0&&(it={},H[q]=it);let Y=it[U.id];Y===void 0&&(Y={},it[U.id]=Y);let Z=Y[k];return Z===void 0&&(Z=d(l()),Y[k]=Z),Z}function d(P){let I=[],U=[],L=[];for(let k=0;k<e;k++)I[k]=0,U[k]=0,L[k]=0;return{geometry:null,program:null,wireframe:!1,newAttributes:I,enabledAttributes:U,attributeDivisors:L,object:P,attributes:{},index:null}}function f(P,I,U,L){let k=r.attributes,H=I.attributes,q=0,it=U.getAttributes();for(let Y in it)if(it[Y].location>=0){let nt=k[Y],Mt=H[Y];if(Mt===void 0&&(Y==="instanceMatrix"&&P.instanceMatrix&&(Mt=P.instanceMatrix),Y==="instanceColor"&&P.instanceColor&&(Mt=P.instanceColor)),nt===void 0||nt.attribute!==Mt||Mt&&nt.data!==Mt.data)return!0;q++}return r.attributesNum!==q||r.index!==L}function m(P,I,U,L){let k={},H=I.attributes,q=0,it=U.getAttributes();for(let Y in it)if(it[Y].location>=0){let nt=H[Y];nt===void 0&&(Y==="instanceMatrix"&&P.instanceMatrix&&(nt=P.instanceMatrix),Y==="instanceColor"&&P.instanceColor&&(nt=P.instanceColor));let Mt={};Mt.attribute=nt,nt&&nt.data&&(Mt.data=nt.data),k[Y]=Mt,q++}r.attributes=k,r.attributesNum=q,r.index=L}function y(){let P=r.newAttributes;for(let I=0,U=P.length;I<U;I++)P[I]=0}function p(P){_(P,0)}function _(P,I){let U=r.newAttributes,L=r.enabledAttributes,k=r.attributeDivisors;U[P]=1,L[P]===0&&(s.enableVertexAttribArray(P),L[P]=1),k[P]!==I&&(s.vertexAttribDivisor(P,I),k[P]=I)}function x(){let P=r.newAttributes,I=r.enabledAttributes;for(let U=0,L=I.length;U<L;U++)I[U]!==P[U]&&(s.disableVertexAttribArray(U),I[U]=0)}function S(P,I,U,L,k,H,q){q===!0?s.vertexAttribIPointer(P,I,U,k,H):s.vertexAttribPointer(P,I,U,L,k,H)}function v(P,I,U,L){y();let k=L.attributes,H=U.getAttributes(),q=I.defaultAttributeValues;for(let it in H){let Y=H[it];if(Y.location>=0){let Z=k[it];if(Z===void 0&&(it==="instanceMatrix"&&P.instanceMatrix&&(Z=P.instanceMatrix),it==="instanceColor"&&P.instanceColor&&(Z=P.instanceColor)),Z!==void 0){let nt=Z.normalized,Mt=Z.itemSize,Ft=t.get(Z);if(Ft===void 0)continue;let J=Ft.buffer,at=Ft.type,bt=Ft.bytesPerElement,Ct=at===s.INT||at===s.UNSIGNED_INT||Z.gpuType===ka;if(Z.isInterleavedBufferAttribute){let gt=Z.data,Nt=gt.isInterleavedBuffer===!0?gt.stride:gt.itemSize,_e=Z.offset;if(gt.isInstancedInterleavedBuffer||gt.isInstancedBufferAttribute){for(let Rt=0;Rt<Y.locationSize;Rt++)_(Y.location+Rt,gt.meshPerAttribute);P.isInstancedMesh!==!0&&L._maxInstanceCount===void 0&&(L._maxInstanceCount=gt.meshPerAttribute*gt.count)}else for(let Rt=0;Rt<Y.locationSize;Rt++)p(Y.location+Rt);s.bindBuffer(s.ARRAY_BUFFER,J);for(let Rt=0;Rt<Y.locationSize;Rt++)S(Y.location+Rt,Mt/Y.locationSize,at,nt,Nt*bt,(_e+Mt/Y.locationSize*Rt)*bt,Ct)}else{if(Z.isInstancedBufferAttribute){for(let gt=0;gt<Y.locationSize;gt++)_(Y.location+gt,Z.meshPerAttribute);P.isInstancedMesh!==!0&&L._maxInstanceCount===void 0&&(L._maxInstanceCount=Z.meshPerAttribute*Z.count)}else for(let gt=0;gt<Y.locationSize;gt++)p(Y.location+gt);s.bindBuffer(s.ARRAY_BUFFER,J);for(let gt=0;gt<Y.locationSize;gt++)S(Y.location+gt,Mt/Y.locationSize,at,nt,Mt*bt,Mt/Y.locationSize*gt*bt,Ct)}}else if(q!==void 0){let nt=q[it];if(nt!==void 0)switch(nt.length){case 2:s.vertexAttrib2fv(Y.location,nt);break;case 3:s.vertexAttrib3fv(Y.location,nt);break;case 4:s.vertexAttrib4fv(Y.location,nt);break;default:s.vertexAttrib1fv(Y.location,nt)}}}}x()}function M(){C();for(let P in i){let I=i[P];for(let U in I){let L=I[U];for(let k in L){let H=L[k];for(let q in H)h(H[q].object),delete H[q];delete L[k]}}delete i[P]}}function w(P){if(i[P.id]===void 0)return;let I=i[P.id];for(let U in I){let L=I[U];for(let k in L){let H=L[k];for(let q in H)h(H[q].object),delete H[q];delete L[k]}}delete i[P.id]}function g(P){for(let I in i){let U=i[I];for(let L in U){let k=U[L];if(k[P.id]===void 0)continue;let H=k[P.id];for(let q in H)h(H[q].object),delete H[q];delete k[P.id]}}}function b(P){for(let I in i){let U=i[I],L=P.isInstancedMesh===!0?P.id:0,k=U[L];if(k!==void 0){for(let H in k){let q=k[H];for(let it in q)h(q[it].object),delete q[it];delete k[H]}delete U[L],Object.keys(U).length===0&&delete i[I]}}}function C(){T(),o=!0,r!==n&&(r=n,c(r.object))}function T(){n.geometry=null,n.program=null,n.wireframe=!1}return{setup:a,reset:C,resetDefaultState:T,dispose:M,releaseStatesOfGeometry:w,releaseStatesOfObject:b,releaseStatesOfProgram:g,initAttributes:y,enableAttribute:p,disableUnusedAttributes:x}}function Cx(s,t,e){let i;function n(l){i=l}function r(l,c){s.drawArrays(i,l,c),e.update(c,i,1)}function o(l,c,h){h!==0&&(s.drawArraysInstanced(i,l,c,h),e.update(c,i,h))}function a(l,c,h){if(h===0)return;t.get("WEBGL_multi_draw").multiDrawArraysWEBGL(i,l,0,c,0,h);let d=0;for(let f=0;f<h;f++)d+=c[f];e.update(d,i,1)}this.setMode=n,this.render=r,this.renderInstances=o,this.renderMultiDraw=a}function Rx(s,t,e,i){let n;function r(){if(n!==void 0)return n;if(t.has("EXT_texture_filter_anisotropic")===!0){let g=t.get("EXT_texture_filter_anisotropic");n=s.getParameter(g.MAX_TEXTURE_MAX_ANISOTROPY_EXT)}else n=0;return n}function o(g){return!(g!==wn&&i.convert(g)!==s.getParameter(s.IMPLEMENTATION_COLOR_READ_FORMAT))}function a(g){let b=g===Gn&&(t.has("EXT_color_buffer_half_float")||t.has("EXT_color_buffer_float"));return!(g!==_n&&g!==Mn&&!b&&i.convert(g)!==s.getParameter(s.IMPLEMENTATION_COLOR_READ_TYPE))}function l(g){if(g==="highp"){if(s.getShaderPrecisionFormat(s.VERTEX_SHADER,s.HIGH_FLOAT).precision>0&&s.getShaderPrecisionFormat(s.FRAGMENT_SHADER,s.HIGH_FLOAT).precision>0)return"highp";g="mediump"}return g==="mediump"&&s.getShaderPrecisionFormat(s.VERTEX_SHADER,s.MEDIUM_FLOAT).precision>0&&s.getShaderPrecisionFormat(s.FRAGMENT_SHADER,s.MEDIUM_FLOAT).precision>0?"mediump":"lowp"}let c=e.precision!==void 0?e.precision:"highp",h=l(c);h!==c&&(Dt("WebGLRenderer:",c,"not supported, using",h,"instead."),c=h);let u=e.reversedDepthBuffer===!0&&t.has("EXT_clip_control"),d=e.logarithmicDepthBuffer===!0&&u===!1;e.reversedDepthBuffer===!0&&u===!1&&Dt("WebGLRenderer: Unable to use reversed depth buffer due to missing EXT_clip_control extension. Fallback to default depth buffer."),e.logarithmicDepthBuffer===!0&&u===!0&&Dt("WebGLRenderer: Logarithmic depth buffer is ignored when reversed depth buffer is enabled.");let f=s.getParameter(s.MAX_TEXTURE_IMAGE_UNITS),m=s.getParameter(s.MAX_VERTEX_TEXTURE_IMAGE_UNITS),y=s.getParameter(s.MAX_TEXTURE_SIZE),p=s.getParameter(s.MAX_CUBE_MAP_TEXTURE_SIZE),_=s.getParameter(s.MAX_VERTEX_ATTRIBS),x=s.getParameter(s.MAX_VERTEX_UNIFORM_VECTORS),S=s.getParameter(s.MAX_VARYING_VECTORS),v=s.getParameter(s.MAX_FRAGMENT_UNIFORM_VECTORS),M=s.getParameter(s.MAX_SAMPLES),w=s.getParameter(s.SAMPLES);return{isWebGL2:!0,getMaxAnisotropy:r,getMaxPrecision:l,textureFormatReadable:o,textureTypeReadable:a,precision:c,logarithmicDepthBuffer:d,reversedDepthBuffer:u,maxTextures:f,maxVertexTextures:m,maxTextureSize:y,maxCubemapSize:p,maxAttributes:_,maxVertexUniforms:x,maxVaryings:S,maxFragmentUniforms:v,maxSamples:M,samples:w}}function Px(s){let t=this,e=null,i=0,n=!1,r=!1,o=new Xe,a=new Vt,l={value:null,needsUpdate:!1};this.uniform=l,this.numPlanes=0,this.numIntersection=0,this.init=function(u,d){let f=u.length!==0||d||i!==0||n;return n=d,i=u.length,f},this.beginShadows=function(){r=!0,h(null)},this.endShadows=function(){r=!1},this.setGlobalState=function(u,d){e=h(u,d,0)},this.setState=function(u,d,f){let m=u.clippingPlanes,y=u.clipIntersection,p=u.clipShadows,_=s.get(u);if(!n||m===null||m.length===0||r&&!p)r?h(null):c();else{let x=r?0:i,S=x*4,v=_.clippingState||null;l.value=v,v=h(m,d,S,f);for(let M=0;M!==S;++M)v[M]=e[M];_.clippingState=v,this.numIntersection=y?this.numPlanes:0,this.numPlanes+=x}};function c(){l.value!==e&&(l.value=e,l.needsUpdate=i>0),t.numPlanes=i,t.numIntersection=0}function h(u,d,f,m){let y=u!==null?u.length:0,p=null;if(y!==0){if(p=l.value,m!==!0||p===null){let _=f+y*4,x=d.matrixWorldInverse;a.getNormalMatrix(x),(p===null||p.length<_)&&(p=new Float32Array(_));for(let S=0,v=f;S!==y;++S,v+=4)o.copy(u[S]).applyMatrix4(x,a),o.normal.toArray(p,v),p[v+3]=o.constant}l.value=p,l.needsUpdate=!0}return t.numPlanes=y,t.numIntersection=0,p}}function gf(s,t,e){return new so(s,{minFilter:pi,generateMipmaps:t,type:Gn,colorSpace:br,depthBuffer:e})}function ro(s,t,e){return new Jn({name:s,uniforms:t,vertexShader:Zt.cube_vert,fragmentShader:e,side:$e,blending:Qi,depthTest:!1,depthWrite:!1})}function Fx(){return ro("PMREMGGXConvolution",{envMap:{value:null},roughness:{value:0},lodBias:{value:0}},`

		#define GGX_SAMPLES ${Bf}u

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float roughness;
		uniform float lodBias;

		#include <common>

		// Van der Corput radical inverse
		float radicalInverse_VdC( uint bits ) {

			bits = ( bits << 16u ) | ( bits >> 16u );
			bits = ( ( bits & 0x55555555u ) << 1u ) | ( ( bits & 0xAAAAAAAAu ) >> 1u );
			bits = ( ( bits & 0x33333333u ) << 2u ) | ( ( bits & 0xCCCCCCCCu ) >> 2u );
			bits = ( ( bits & 0x0F0F0F0Fu ) << 4u ) | ( ( bits & 0xF0F0F0F0u ) >> 4u );
			bits = ( ( bits & 0x00FF00FFu ) << 8u ) | ( ( bits & 0xFF00FF00u ) >> 8u );
			return float( bits ) * 2.3283064365386963e-10; // / 0x100000000

		}

		// Hammersley sequence
		vec2 hammersley( uint i, uint N ) {

			return vec2( float( i ) / float( N ), radicalInverse_VdC( i ) );

		}

		void main() {

			vec3 N = normalize( vWorldDirection );

			// For very low roughness, just sample the environment directly
			if ( roughness < 0.001 ) {

				gl_FragColor = vec4( textureLod( envMap, N, 0.0 ).rgb, 1.0 );
				return;

			}

			float alpha = roughness * roughness;
			float alpha2 = alpha * alpha;

			// Tangent space basis for VNDF sampling
			vec3 up = abs( N.z ) < 0.999 ? vec3( 0.0, 0.0, 1.0 ) : vec3( 1.0, 0.0, 0.0 );
			vec3 tangent = normalize( cross( up, N ) );
			vec3 bitangent = cross( N, tangent );

			vec3 prefilteredColor = vec3( 0.0 );
			float totalWeight = 0.0;

			for ( uint i = 0u; i < GGX_SAMPLES; i ++ ) {

				vec2 Xi = hammersley( i, GGX_SAMPLES );

				// With V = N, sample the reflected direction directly.
				float invQ = 1.0 / ( 1.0 - Xi.x + alpha2 * Xi.x );
				float NdotL = ( 1.0 - Xi.x - alpha2 * Xi.x ) * invQ;

				if ( NdotL > 0.0 ) {

					float phi = 2.0 * PI * Xi.y;
					float sinTheta = 2.0 * alpha * sqrt( Xi.x * ( 1.0 - Xi.x ) ) * invQ;
					vec3 L = N * NdotL + ( tangent * cos( phi ) + bitangent * sin( phi ) ) * sinTheta;

					// Match the source mip to the sample's solid angle. The terms
					// independent of the sample are precomputed in lodBias.
					float d = alpha2 * invQ;
					float lod = max( log2( d ) + lodBias, 0.0 );

					// Weight by NdotL for the split-sum approximation
					prefilteredColor += textureLod( envMap, L, lod ).rgb * NdotL;
					totalWeight += NdotL;

				}

			}

			gl_FragColor = vec4( prefilteredColor / totalWeight, 1.0 );

		}
	`)}function Ox(){return ro("PMREMGGXIntegration",{envMap:{value:null},roughness:{value:0},sourceLod:{value:0},sourceSize:{value:kf}},`

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float roughness;
		uniform float sourceLod;
		uniform int sourceSize;

		void main() {

			vec3 N = normalize( vWorldDirection );

			float alpha = roughness * roughness;
			float alpha2 = alpha * alpha;

			float texelSize = 2.0 / float( sourceSize );

			vec3 prefilteredColor = vec3( 0.0 );
			float totalWeight = 0.0;

			// Pair opposite texels: only the one in N's hemisphere contributes.
			for ( int face = 0; face < 3; face ++ ) {

				for ( int y = 0; y < sourceSize; y ++ ) {

					for ( int x = 0; x < sourceSize; x ++ ) {

						vec2 uv = ( vec2( x, y ) + 0.5 ) * texelSize - 1.0;
						vec3 texelDirection = face == 0 ? vec3( 1.0, uv ) : ( face == 1 ? vec3( uv.x, 1.0, uv.y ) : vec3( uv, 1.0 ) );

						float invDistance = inversesqrt( 1.0 + dot( uv, uv ) );
						float NdotL = dot( N, texelDirection );
						texelDirection *= NdotL < 0.0 ? - 1.0 : 1.0;
						NdotL = abs( NdotL ) * invDistance;

						// With V = N, NdotH squared is ( 1 + NdotL ) / 2. Common factors
						// in the GGX distribution and texel solid angle cancel when normalized.
						float d = 1.0 + alpha2 + ( alpha2 - 1.0 ) * NdotL;
						float weight = NdotL * invDistance * invDistance * invDistance / ( d * d );

						prefilteredColor += textureLod( envMap, texelDirection, sourceLod ).rgb * weight;
						totalWeight += weight;

					}

				}

			}

			gl_FragColor = vec4( prefilteredColor / totalWeight, 1.0 );

		}
	`)}function Bx(){return ro("PMREMSphericalGaussianBlur",{envMap:{value:null},sigma:{value:0}},`

		#define SAMPLES ${Lx}
		#define GOLDEN_ANGLE 2.39996322973

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float sigma;

		#include <common>

		void main() {

			vec3 outputDirection = normalize( vWorldDirection );

			vec3 up = abs( outputDirection.z ) < 0.999 ? vec3( 0.0, 0.0, 1.0 ) : vec3( 1.0, 0.0, 0.0 );
			vec3 tangent = normalize( cross( up, outputDirection ) );
			vec3 bitangent = cross( outputDirection, tangent );

			// Truncate the kernel at three standard deviations or at the antipode.
			float thetaMax = min( 3.0 * sigma, PI );
			float truncation = 1.0 - exp( - 0.5 * thetaMax * thetaMax / ( sigma * sigma ) );

			vec3 accumColor = vec3( 0.0 );
			float accumWeight = 0.0;

			for ( int i = 0; i < SAMPLES; i ++ ) {

				// Stratified inverse-CDF sampling of the Gaussian, placed on a golden-angle spiral.
				float stratum = ( float( i ) + 0.5 ) / float( SAMPLES );
				float theta = sigma * sqrt( - 2.0 * log( 1.0 - stratum * truncation ) );
				float phi = float( i ) * GOLDEN_ANGLE;

				vec3 offset = cos( phi ) * tangent + sin( phi ) * bitangent;
				vec3 sampleDirection = cos( theta ) * outputDirection + sin( theta ) * offset;

				// Correct the planar sample density to solid angle.
				float weight = sin( theta ) / theta;

				accumColor += weight * textureLod( envMap, sampleDirection, 0.0 ).rgb;
				accumWeight += weight;

			}

			gl_FragColor = vec4( accumColor / accumWeight, 1.0 );

		}
	`)}function _f(){return ro("PMREMEquirectangularToCubemap",{envMap:{value:null}},`

		varying vec3 vWorldDirection;

		uniform sampler2D envMap;

		#include <common>

		void main() {

			// Average four subpixel samples to preserve small, bright features.
			vec3 direction = normalize( vWorldDirection );
			vec3 dx = dFdx( direction ) * 0.25;
			vec3 dy = dFdy( direction ) * 0.25;

			vec3 color = textureLod( envMap, equirectUv( normalize( direction - dx - dy ) ), 0.0 ).rgb;
			color += textureLod( envMap, equirectUv( normalize( direction + dx - dy ) ), 0.0 ).rgb;
			color += textureLod( envMap, equirectUv( normalize( direction - dx + dy ) ), 0.0 ).rgb;
			color += textureLod( envMap, equirectUv( normalize( direction + dx + dy ) ), 0.0 ).rgb;
			gl_FragColor = vec4( color * 0.25, 1.0 );

		}
	`)}function xf(){return ro("PMREMCubemapToCubemap",{envMap:{value:null},flipEnvMap:{value:-1}},`

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float flipEnvMap;

		void main() {

			gl_FragColor = vec4( textureCube( envMap, vec3( flipEnvMap * vWorldDirection.x, vWorldDirection.yz ) ).rgb, 1.0 );

		}
	`)}function kx(s){let t=new WeakMap,e=new WeakMap,i=null;function n(d,f=!1){return d==null?null:f?o(d):r(d)}function r(d){if(d&&d.isTexture){let f=d.mapping;if(f===Fa||f===Oa)if(t.has(d)){let m=t.get(d).texture;return a(m,d.mapping)}else{let m=d.image;if(m&&m.height>0){let y=new so(m.height);return y.fromEquirectangularTexture(s,d),t.set(d,y),d.addEventListener("dispose",c),a(y.texture,d.mapping)}else return null}}return d}function o(d){if(d&&d.isTexture&&d.isPMREMTexture!==!0){let f=d.mapping,m=f===Fa||f===Oa,y=f===es||f===zs;if(m||y){let p=e.get(d),_=p!==void 0?p.texture.pmremVersion:0;if(d.isRenderTargetTexture&&d.pmremVersion!==_)return i===null&&(i=new Ml(s)),p=m?i.fromEquirectangular(d,p):i.fromCubemap(d,p),p.texture.pmremVersion=d.pmremVersion,e.set(d,p),p.texture;if(p!==void 0)return p.texture;{let x=d.image;return m&&x&&x.height>0||y&&x&&l(x)?(i===null&&(i=new Ml(s)),p=m?i.fromEquirectangular(d):i.fromCubemap(d),p.texture.pmremVersion=d.pmremVersion,e.set(d,p),d.addEventListener("dispose",h),p.texture):null}}}return d}function a(d,f){return f===Fa?d.mapping=es:f===Oa&&(d.mapping=zs),d}function l(d){let f=0,m=6;for(let y=0;y<m;y++)d[y]!==void 0&&f++;return f===m}function c(d){let f=d.target;f.removeEventListener("dispose",c);let m=t.get(f);m!==void 0&&(t.delete(f),m.dispose())}function h(d){let f=d.target;f.removeEventListener("dispose",h);let m=e.get(f);m!==void 0&&(e.delete(f),m.dispose())}function u(){t=new WeakMap,e=new WeakMap,i!==null&&(i.dispose(),i=null)}return{get:n,dispose:u}}function zx(s){let t={};function e(i){if(t[i]!==void 0)return t[i];let n=s.getExtension(i);return t[i]=n,n}return{has:function(i){return e(i)!==null},init:function(){e("EXT_color_buffer_float"),e("WEBGL_clip_cull_distance"),e("OES_texture_float_linear"),e("EXT_color_buffer_half_float"),e("WEBGL_multisampled_render_to_texture"),e("WEBGL_render_shared_exponent")},get:function(i){let n=e(i);return n===null&&gr("WebGLRenderer: "+i+" extension not supported."),n}}}function Vx(s,t,e,i){let n={},r=new WeakMap,o=new FinalizationRegistry(m=>delete n[m]);function a(m){l(m.target)}function l(m){m.index!==null&&t.remove(m.index);for(let p in m.attributes)t.remove(m.attributes[p]);m.removeEventListener("dispose",a),delete n[m.id],o.unregister(m);let y=r.get(m);y&&(t.remove(y),r.delete(m)),i.releaseStatesOfGeometry(m),m.isInstancedBufferGeometry===!0&&delete m._maxInstanceCount,e.memory.geometries--}function c(m,y){return n[y.id]!==void 0||(y.addEventListener("dispose",a),n[y.id]=new WeakRef(y),o.register(y,y.id,y),e.memory.geometries++),y}function h(m){let y=m.attributes;for(let p in y)t.update(y[p],s.ARRAY_BUFFER)}function u(m){let y=m.index,p=m.attributes.position,_=0;if(p===void 0)return;let x=y!==null?y.array.length:p.array.length/3-1,S=p.count>=65535?Cr:Ar,v=new S(Math.ceil(x/3)*6,1),M=v.array;if(y!==null){let g=y.array;_=y.version;for(let b=0,C=0;b<x;b+=3){let T=g[b+0],P=g[b+1],I=g[b+2];M[C++]=T,M[C++]=P,M[C++]=P,M[C++]=I,M[C++]=I,M[C++]=T}}else{_=p.version;for(let g=0,b=0;g<x;g+=3){let C=g+0,T=g+1,P=g+2;M[b++]=C,M[b++]=T,M[b++]=T,M[b++]=P,M[b++]=P,M[b++]=C}}v.version=_;let w=r.get(m);w&&t.remove(w),r.set(m,v)}function d(m){let y=r.get(m);if(y){let p=m.index;p!==null&&y.version<p.version&&u(m)}else u(m);return r.get(m)}function f(){for(let m in n){let y=n[m].deref();y!==void 0&&l(y)}}return{get:c,update:h,getWireframeAttribute:d,dispose:f}}function Hx(s,t,e){let i;function n(u){i=u}let r,o;function a(u){r=u.type,o=u.bytesPerElement}function l(u,d){s.drawElements(i,d,r,u*o),e.update(d,i,1)}function c(u,d,f){f!==0&&(s.drawElementsInstanced(i,d,r,u*o,f),e.update(d,i,f))}function h(u,d,f){if(f===0)return;t.get("WEBGL_multi_draw").multiDrawElementsWEBGL(i,d,0,r,u,0,f);let y=0;for(let p=0;p<f;p++)y+=d[p];e.update(y,i,1)}this.setMode=n,this.setIndex=a,this.render=l,this.renderInstances=c,this.renderMultiDraw=h}function Gx(s){let t={geometries:0,textures:0},e={frame:0,calls:0,triangles:0,points:0,lines:0};function i(r,o,a){switch(e.calls++,o){case s.TRIANGLES:e.triangles+=a*(r/3);break;case s.LINES:e.lines+=a*(r/2);break;case s.LINE_STRIP:e.lines+=a*(r-1);break;case s.LINE_LOOP:e.lines+=a*r;break;case s.POINTS:e.points+=a*r;break;default:Ot("WebGLInfo: Unknown draw mode:",o);break}}function n(){e.calls=0,e.triangles=0,e.points=0,e.lines=0}return{memory:t,render:e,programs:null,autoReset:!0,reset:n,update:i}}function Wx(s,t,e){let i=new WeakMap,n=new be;function r(o,a,l){let c=o.morphTargetInfluences,h=a.morphAttributes.position||a.morphAttributes.normal||a.morphAttributes.color,u=h!==void 0?h.length:0,d=i.get(a);if(d===void 0||d.count!==u){let C=function(){g.dispose(),i.delete(a),a.removeEventListener("dispose",C)};d!==void 0&&d.texture.dispose();let f=a.morphAttributes.position!==void 0,m=a.morphAttributes.normal!==void 0,y=a.morphAttributes.color!==void 0,p=a.morphAttributes.position||[],_=a.morphAttributes.normal||[],x=a.morphAttributes.color||[],S=0;f===!0&&(S=1),m===!0&&(S=2),y===!0&&(S=3);let v=a.attributes.position.count*S,M=1;v>t.maxTextureSize&&(M=Math.ceil(v/t.maxTextureSize),v=t.maxTextureSize);let w=new Float32Array(v*M*4*u),g=new Tr(w,v,M,u);g.type=Mn,g.needsUpdate=!0;let b=S*4;for(let T=0;T<u;T++){let P=p[T],I=_[T],U=x[T],L=v*M*4*T;for(let k=0;k<P.count;k++){let H=k*b;f===!0&&(n.fromBufferAttribute(P,k),w[L+H+0]=n.x,w[L+H+1]=n.y,w[L+H+2]=n.z,w[L+H+3]=0),m===!0&&(n.fromBufferAttribute(I,k),w[L+H+4]=n.x,w[L+H+5]=n.y,w[L+H+6]=n.z,w[L+H+7]=0),y===!0&&(n.fromBufferAttribute(U,k),w[L+H+8]=n.x,w[L+H+9]=n.y,w[L+H+10]=n.z,w[L+H+11]=U.itemSize===4?n.w:1)}}d={count:u,texture:g,size:new ht(v,M)},i.set(a,d),a.addEventListener("dispose",C)}if(o.isInstancedMesh===!0&&o.morphTexture!==null)l.getUniforms().setValue(s,"morphTexture",o.morphTexture,e);else{let f=0;for(let y=0;y<c.length;y++)f+=c[y];let m=a.morphTargetsRelative?1:1-f;l.getUniforms().setValue(s,"morphTargetBaseInfluence",m),l.getUniforms().setValue(s,"morphTargetInfluences",c)}l.getUniforms().setValue(s,"morphTargetsTexture",d.texture,e),l.getUniforms().setValue(s,"morphTargetsTextureSize",d.size)}return{update:r}}function qx(s,t,e,i,n){let r=new WeakMap;function o(c){let h=n.render.frame,u=c.geometry,d=t.get(c,u);if(r.get(d)!==h&&(t.update(d),r.set(d,h)),c.isInstancedMesh&&(c.hasEventListener("dispose",l)===!1&&c.addEventListener("dispose",l),r.get(c)!==h&&(e.update(c.instanceMatrix,s.ARRAY_BUFFER),c.instanceColor!==null&&e.update(c.instanceColor,s.ARRAY_BUFFER),r.set(c,h))),c.isSkinnedMesh){let f=c.skeleton;r.get(f)!==h&&(f.update(),r.set(f,h))}return d}function a(){r=new WeakMap}function l(c){let h=c.target;h.removeEventListener("dispose",l),i.releaseStatesOfObject(h),e.remove(h.instanceMatrix),h.instanceColor!==null&&e.remove(h.instanceColor)}return{update:o,dispose:a}}function Yx(s,t,e,i,n,r){let o=new Tn(t,e,{type:s,depthBuffer:n,stencilBuffer:r,samples:i?4:0,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,resolveDepthBuffer:!1,resolveStencilBuffer:!1}),a=null,l=null,c=null,h=new Te;h.setAttribute("position",new Ne([-1,3,0,-1,-1,0,3,-1,0],3)),h.setAttribute("uv",new Ne([0,2,0,0,2,0],2));let u=new va({uniforms:{tDiffuse:{value:null}},vertexShader:`
			precision highp float;

			uniform mat4 modelViewMatrix;
			uniform mat4 projectionMatrix;

			attribute vec3 position;
			attribute vec2 uv;

			varying vec2 vUv;

			void main() {
				vUv = uv;
				gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
			}`,fragmentShader:`
			precision highp float;

			uniform sampler2D tDiffuse;

			varying vec2 vUv;

			#include <tonemapping_pars_fragment>
			#include <colorspace_pars_fragment>

			void main() {
				gl_FragColor = texture2D( tDiffuse, vUv );

				#ifdef LINEAR_TONE_MAPPING
					gl_FragColor.rgb = LinearToneMapping( gl_FragColor.rgb );
				#elif defined( REINHARD_TONE_MAPPING )
					gl_FragColor.rgb = ReinhardToneMapping( gl_FragColor.rgb );
				#elif defined( CINEON_TONE_MAPPING )
					gl_FragColor.rgb = CineonToneMapping( gl_FragColor.rgb );
				#elif defined( ACES_FILMIC_TONE_MAPPING )
					gl_FragColor.rgb = ACESFilmicToneMapping( gl_FragColor.rgb );
				#elif defined( AGX_TONE_MAPPING )
					gl_FragColor.rgb = AgXToneMapping( gl_FragColor.rgb );
				#elif defined( NEUTRAL_TONE_MAPPING )
					gl_FragColor.rgb = NeutralToneMapping( gl_FragColor.rgb );
				#elif defined( CUSTOM_TONE_MAPPING )
					gl_FragColor.rgb = CustomToneMapping( gl_FragColor.rgb );
				#endif

				#ifdef SRGB_TRANSFER
					gl_FragColor = sRGBTransferOETF( gl_FragColor );
				#endif
			}`,depthTest:!1,depthWrite:!1}),d=new Ee(h,u),f=new Hr(-1,1,1,-1,0,1),m=null,y=null,p=!1,_,x=null,S=[],v=!1;this.setSize=function(M,w){o.setSize(M,w),a!==null&&a.setSize(M,w),l!==null&&l.setSize(M,w);for(let g=0;g<S.length;g++){let b=S[g];b.setSize&&b.setSize(M,w)}},this.setEffects=function(M){S=M,v=S.length>0&&S[0].isRenderPass===!0;let w=o.width,g=o.height;S.length>0&&a===null&&(a=new Tn(w,g,{type:Gn,depthBuffer:!1,stencilBuffer:!1}),l=new Tn(w,g,{type:Gn,depthBuffer:!1,stencilBuffer:!1}));let b=n===!0&&S.some(C=>C.needsDepthTexture===!0);b!==(o.depthTexture!==null)&&(b===!0&&c===null&&(c=new fi(w,g),r===!0&&(c.format=mi,c.type=ns)),o.dispose(),o.depthTexture=b?c:null,o.resolveDepthBuffer=b,o.storeMultisampledDepthBuffer=b);for(let C=0;C<S.length;C++){let T=S[C];T.setSize&&T.setSize(w,g),b&&T.needsDepthTexture===!0&&T.setDepthTexture&&T.setDepthTexture(c)}},this.begin=function(M,w){if(p||M.toneMapping===Kn&&S.length===0)return!1;if(x=w,w!==null){let g=w.width,b=w.height;(o.width!==g||o.height!==b)&&this.setSize(g,b)}return v===!1&&M.setRenderTarget(o),_=M.toneMapping,M.toneMapping=Kn,!0},this.hasRenderPass=function(){return v},this.end=function(M,w){M.toneMapping=_,p=!0;let g=o,b=a;for(let C=0;C<S.length;C++){let T=S[C];T.enabled!==!1&&(T.render(M,b,g,w),T.needsSwap!==!1&&(g=b,b=b===a?l:a))}if(m!==M.outputColorSpace||y!==M.toneMapping){m=M.outputColorSpace,y=M.toneMapping,u.defines={},Jt.getTransfer(m)===ce&&(u.defines.SRGB_TRANSFER="");let C=Xx[y];C&&(u.defines[C]=""),u.needsUpdate=!0}u.uniforms.tDiffuse.value=g.texture,M.setRenderTarget(x),M.render(d,f),x=null,p=!1},this.isCompositing=function(){return p},this.dispose=function(){o.dispose(),a!==null&&a.dispose(),l!==null&&l.dispose(),h.dispose(),u.dispose()}}function Ws(s,t,e){let i=s[0];if(i<=0||i>0)return s;let n=t*e,r=yf[n];if(r===void 0&&(r=new Float32Array(n),yf[n]=r),t!==0){i.toArray(r,0);for(let o=1,a=0;o!==t;++o)a+=e,s[o].toArray(r,a)}return r}function Oe(s,t){if(s.length!==t.length)return!1;for(let e=0,i=s.length;e<i;e++)if(s[e]!==t[e])return!1;return!0}function Be(s,t){for(let e=0,i=t.length;e<i;e++)s[e]=t[e]}function Tl(s,t){let e=vf[t];e===void 0&&(e=new Int32Array(t),vf[t]=e);for(let i=0;i!==t;++i)e[i]=s.allocateTextureUnit();return e}function $x(s,t){let e=this.cache;e[0]!==t&&(s.uniform1f(this.addr,t),e[0]=t)}function Zx(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y)&&(s.uniform2f(this.addr,t.x,t.y),e[0]=t.x,e[1]=t.y);else{if(Oe(e,t))return;s.uniform2fv(this.addr,t),Be(e,t)}}function Jx(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z)&&(s.uniform3f(this.addr,t.x,t.y,t.z),e[0]=t.x,e[1]=t.y,e[2]=t.z);else if(t.r!==void 0)(e[0]!==t.r||e[1]!==t.g||e[2]!==t.b)&&(s.uniform3f(this.addr,t.r,t.g,t.b),e[0]=t.r,e[1]=t.g,e[2]=t.b);else{if(Oe(e,t))return;s.uniform3fv(this.addr,t),Be(e,t)}}function Kx(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z||e[3]!==t.w)&&(s.uniform4f(this.addr,t.x,t.y,t.z,t.w),e[0]=t.x,e[1]=t.y,e[2]=t.z,e[3]=t.w);else{if(Oe(e,t))return;s.uniform4fv(this.addr,t),Be(e,t)}}function jx(s,t){let e=this.cache,i=t.elements;if(i===void 0){if(Oe(e,t))return;s.uniformMatrix2fv(this.addr,!1,t),Be(e,t)}else{if(Oe(e,i))return;Mf.set(i),s.uniformMatrix2fv(this.addr,!1,Mf),Be(e,i)}}function Qx(s,t){let e=this.cache,i=t.elements;if(i===void 0){if(Oe(e,t))return;s.uniformMatrix3fv(this.addr,!1,t),Be(e,t)}else{if(Oe(e,i))return;bf.set(i),s.uniformMatrix3fv(this.addr,!1,bf),Be(e,i)}}function ty(s,t){let e=this.cache,i=t.elements;if(i===void 0){if(Oe(e,t))return;s.uniformMatrix4fv(this.addr,!1,t),Be(e,t)}else{if(Oe(e,i))return;Sf.set(i),s.uniformMatrix4fv(this.addr,!1,Sf),Be(e,i)}}function ey(s,t){let e=this.cache;e[0]!==t&&(s.uniform1i(this.addr,t),e[0]=t)}function ny(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y)&&(s.uniform2i(this.addr,t.x,t.y),e[0]=t.x,e[1]=t.y);else{if(Oe(e,t))return;s.uniform2iv(this.addr,t),Be(e,t)}}function iy(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z)&&(s.uniform3i(this.addr,t.x,t.y,t.z),e[0]=t.x,e[1]=t.y,e[2]=t.z);else{if(Oe(e,t))return;s.uniform3iv(this.addr,t),Be(e,t)}}function sy(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z||e[3]!==t.w)&&(s.uniform4i(this.addr,t.x,t.y,t.z,t.w),e[0]=t.x,e[1]=t.y,e[2]=t.z,e[3]=t.w);else{if(Oe(e,t))return;s.uniform4iv(this.addr,t),Be(e,t)}}function ry(s,t){let e=this.cache;e[0]!==t&&(s.uniform1ui(this.addr,t),e[0]=t)}function oy(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y)&&(s.uniform2ui(this.addr,t.x,t.y),e[0]=t.x,e[1]=t.y);else{if(Oe(e,t))return;s.uniform2uiv(this.addr,t),Be(e,t)}}function ay(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z)&&(s.uniform3ui(this.addr,t.x,t.y,t.z),e[0]=t.x,e[1]=t.y,e[2]=t.z);else{if(Oe(e,t))return;s.uniform3uiv(this.addr,t),Be(e,t)}}function ly(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z||e[3]!==t.w)&&(s.uniform4ui(this.addr,t.x,t.y,t.z,t.w),e[0]=t.x,e[1]=t.y,e[2]=t.z,e[3]=t.w);else{if(Oe(e,t))return;s.uniform4uiv(this.addr,t),Be(e,t)}}function El(s){return s.version===0&&(s.compareFunction=yh,s.needsUpdate=!0),s}function cy(s,t,e){let i=this.cache,n=e.allocateTextureUnit();i[0]!==n&&(s.uniform1i(this.addr,n),i[0]=n);let r;this.type===s.SAMPLER_2D_SHADOW?r=El(Vf):r=zf,e.setTexture2D(t||r,n)}function hy(s,t,e){let i=this.cache,n=e.allocateTextureUnit();i[0]!==n&&(s.uniform1i(this.addr,n),i[0]=n),e.setTexture3D(t||Wf,n)}function uy(s,t,e){let i=this.cache,n=e.allocateTextureUnit();i[0]!==n&&(s.uniform1i(this.addr,n),i[0]=n);let r;this.type===s.SAMPLER_CUBE_SHADOW?r=El(Hf):r=qf,e.setTextureCube(t||r,n)}function dy(s,t,e){let i=this.cache,n=e.allocateTextureUnit();i[0]!==n&&(s.uniform1i(this.addr,n),i[0]=n),e.setTexture2DArray(t||Gf,n)}function fy(s){switch(s){case 5126:return $x;case 35664:return Zx;case 35665:return Jx;case 35666:return Kx;case 35674:return jx;case 35675:return Qx;case 35676:return ty;case 5124:case 35670:return ey;case 35667:case 35671:return ny;case 35668:case 35672:return iy;case 35669:case 35673:return sy;case 5125:return ry;case 36294:return oy;case 36295:return ay;case 36296:return ly;case 35678:case 36198:case 36298:case 36306:case 35682:return cy;case 35679:case 36299:case 36307:return hy;case 35680:case 36300:case 36308:case 36293:return uy;case 36289:case 36303:case 36311:case 36292:return dy}}function py(s,t){s.uniform1fv(this.addr,t)}function my(s,t){let e=Ws(t,this.size,2);s.uniform2fv(this.addr,e)}function gy(s,t){let e=Ws(t,this.size,3);s.uniform3fv(this.addr,e)}function _y(s,t){let e=Ws(t,this.size,4);s.uniform4fv(this.addr,e)}function xy(s,t){let e=Ws(t,this.size,4);s.uniformMatrix2fv(this.addr,!1,e)}function yy(s,t){let e=Ws(t,this.size,9);s.uniformMatrix3fv(this.addr,!1,e)}function vy(s,t){let e=Ws(t,this.size,16);s.uniformMatrix4fv(this.addr,!1,e)}function Sy(s,t){s.uniform1iv(this.addr,t)}function by(s,t){s.uniform2iv(this.addr,t)}function My(s,t){s.uniform3iv(this.addr,t)}function wy(s,t){s.uniform4iv(this.addr,t)}function Ty(s,t){s.uniform1uiv(this.addr,t)}function Ey(s,t){s.uniform2uiv(this.addr,t)}function Ay(s,t){s.uniform3uiv(this.addr,t)}function Cy(s,t){s.uniform4uiv(this.addr,t)}function Ry(s,t,e){let i=this.cache,n=t.length,r=Tl(e,n);Oe(i,r)||(s.uniform1iv(this.addr,r),Be(i,r));let o;this.type===s.SAMPLER_2D_SHADOW?o=El(Vf):o=zf;for(let a=0;a!==n;++a)e.setTexture2D(t[a]||o,r[a])}function Py(s,t,e){let i=this.cache,n=t.length,r=Tl(e,n);Oe(i,r)||(s.uniform1iv(this.addr,r),Be(i,r));for(let o=0;o!==n;++o)e.setTexture3D(t[o]||Wf,r[o])}function Iy(s,t,e){let i=this.cache,n=t.length,r=Tl(e,n);Oe(i,r)||(s.uniform1iv(this.addr,r),Be(i,r));let o;this.type===s.SAMPLER_CUBE_SHADOW?o=El(Hf):o=qf;for(let a=0;a!==n;++a)e.setTextureCube(t[a]||o,r[a])}function Ly(s,t,e){let i=this.cache,n=t.length,r=Tl(e,n);Oe(i,r)||(s.uniform1iv(this.addr,r),Be(i,r));for(let o=0;o!==n;++o)e.setTexture2DArray(t[o]||Gf,r[o])}function Dy(s){switch(s){case 5126:return py;case 35664:return my;case 35665:return gy;case 35666:return _y;case 35674:return xy;case 35675:return yy;case 35676:return vy;case 5124:case 35670:return Sy;case 35667:case 35671:return by;case 35668:case 35672:return My;case 35669:case 35673:return wy;case 5125:return Ty;case 36294:return Ey;case 36295:return Ay;case 36296:return Cy;case 35678:case 36198:case 36298:case 36306:case 35682:return Ry;case 35679:case 36299:case 36307:return Py;case 35680:case 36300:case 36308:case 36293:return Iy;case 36289:case 36303:case 36311:case 36292:return Ly}}function wf(s,t){s.seq.push(t),s.map[t.id]=t}function Ny(s,t,e){let i=s.name,n=i.length;for(Lh.lastIndex=0;;){let r=Lh.exec(i),o=Lh.lastIndex,a=r[1],l=r[2]==="]",c=r[3];if(l&&(a=a|0),c===void 0||c==="["&&o+2===n){wf(e,c===void 0?new Nh(a,s,t):new Uh(a,s,t));break}else{let u=e.map[a];u===void 0&&(u=new Fh(a),wf(e,u)),e=u}}}function Tf(s,t,e){let i=s.createShader(t);return s.shaderSource(i,e),s.compileShader(i),i}function Oy(s,t){let e=s.split(`
`),i=[],n=Math.max(t-6,0),r=Math.min(t+6,e.length);for(let o=n;o<r;o++){let a=o+1;i.push(`${a===t?">":" "} ${a}: ${e[o]}`)}return i.join(`
`)}function By(s){Jt._getMatrix(Ef,Jt.workingColorSpace,s);let t=`mat3( ${Ef.elements.map(e=>e.toFixed(4))} )`;switch(Jt.getTransfer(s)){case Mr:return[t,"LinearTransferOETF"];case ce:return[t,"sRGBTransferOETF"];default:return Dt("WebGLProgram: Unsupported color space: ",s),[t,"LinearTransferOETF"]}}function Af(s,t,e){let i=s.getShaderParameter(t,s.COMPILE_STATUS),r=(s.getShaderInfoLog(t)||"").trim();if(i&&r==="")return"";let o=/ERROR: 0:(\d+)/.exec(r);if(o){let a=parseInt(o[1]);return e.toUpperCase()+`

`+r+`

`+Oy(s.getShaderSource(t),a)}else return r}function ky(s,t){let e=By(t);return[`vec4 ${s}( vec4 value ) {`,`	return ${e[1]}( vec4( ${e[0]} * value.rgb, value.a ) );`,"}"].join(`
`)}function Vy(s,t){let e=zy[t];return e===void 0?(Dt("WebGLProgram: Unsupported toneMapping:",t),"vec3 "+s+"( vec3 color ) { return LinearToneMapping( color ); }"):"vec3 "+s+"( vec3 color ) { return "+e+"ToneMapping( color ); }"}function Hy(){Jt.getLuminanceCoefficients(bl);let s=bl.x.toFixed(4),t=bl.y.toFixed(4),e=bl.z.toFixed(4);return["float luminance( const in vec3 rgb ) {",`	const vec3 weights = vec3( ${s}, ${t}, ${e} );`,"	return dot( weights, rgb );","}"].join(`
`)}function Gy(s){return[s.extensionClipCullDistance?"#extension GL_ANGLE_clip_cull_distance : require":"",s.extensionMultiDraw?"#extension GL_ANGLE_multi_draw : require":""].filter(io).join(`
`)}function Wy(s){let t=[];for(let e in s){let i=s[e];i!==!1&&t.push("#define "+e+" "+i)}return t.join(`
`)}function qy(s,t){let e={},i=s.getProgramParameter(t,s.ACTIVE_ATTRIBUTES);for(let n=0;n<i;n++){let r=s.getActiveAttrib(t,n),o=r.name,a=1;r.type===s.FLOAT_MAT2&&(a=2),r.type===s.FLOAT_MAT3&&(a=3),r.type===s.FLOAT_MAT4&&(a=4),e[o]={type:r.type,location:s.getAttribLocation(t,o),locationSize:a}}return e}function io(s){return s!==""}function Cf(s,t){let e=t.numSpotLightShadows+t.numSpotLightMaps-t.numSpotLightShadowsWithMaps;return s.replace(/NUM_SUN_LIGHTS/g,t.numSunLights).replace(/NUM_DIR_LIGHTS/g,t.numDirLights).replace(/NUM_SPOT_LIGHTS/g,t.numSpotLights).replace(/NUM_SPOT_LIGHT_MAPS/g,t.numSpotLightMaps).replace(/NUM_SPOT_LIGHT_COORDS/g,e).replace(/NUM_RECT_AREA_LIGHTS/g,t.numRectAreaLights).replace(/NUM_POINT_LIGHTS/g,t.numPointLights).replace(/NUM_HEMI_LIGHTS/g,t.numHemiLights).replace(/NUM_SUN_LIGHT_SHADOWS/g,t.numSunLightShadows).replace(/NUM_DIR_LIGHT_SHADOWS/g,t.numDirLightShadows).replace(/NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS/g,t.numSpotLightShadowsWithMaps).replace(/NUM_SPOT_LIGHT_SHADOWS/g,t.numSpotLightShadows).replace(/NUM_POINT_LIGHT_SHADOWS/g,t.numPointLightShadows).replace(/NUM_LIGHT_PROBE_GRIDS/g,t.numLightProbeGrids)}function Rf(s,t){return s.replace(/NUM_CLIPPING_PLANES/g,t.numClippingPlanes).replace(/UNION_CLIPPING_PLANES/g,t.numClippingPlanes-t.numClipIntersection)}function Oh(s){return s.replace(Xy,Yy)}function Yy(s,t){let e=Zt[t];if(e===void 0)throw new Error("THREE.WebGLProgram: Can not resolve #include <"+t+">");return Oh(e)}function Pf(s){return s.replace($y,Zy)}function Zy(s,t,e,i){let n="";for(let r=parseInt(t);r<parseInt(e);r++)n+=i.replace(/\[\s*i\s*\]/g,"[ "+r+" ]").replace(/UNROLLED_LOOP_INDEX/g,r);return n}function If(s){let t=`precision ${s.precision} float;
	precision ${s.precision} int;
	precision ${s.precision} sampler2D;
	precision ${s.precision} samplerCube;
	precision ${s.precision} sampler3D;
	precision ${s.precision} sampler2DArray;
	precision ${s.precision} sampler2DShadow;
	precision ${s.precision} samplerCubeShadow;
	precision ${s.precision} sampler2DArrayShadow;
	precision ${s.precision} isampler2D;
	precision ${s.precision} isampler3D;
	precision ${s.precision} isamplerCube;
	precision ${s.precision} isampler2DArray;
	precision ${s.precision} usampler2D;
	precision ${s.precision} usampler3D;
	precision ${s.precision} usamplerCube;
	precision ${s.precision} usampler2DArray;
	`;return s.precision==="highp"?t+=`
#define HIGH_PRECISION`:s.precision==="mediump"?t+=`
#define MEDIUM_PRECISION`:s.precision==="lowp"&&(t+=`
#define LOW_PRECISION`),t}function Ky(s){return Jy[s.shadowMapType]||"SHADOWMAP_TYPE_BASIC"}function Qy(s){return s.envMap===!1?"ENVMAP_MODE_REFLECTION":jy[s.envMapMode]||"ENVMAP_MODE_REFLECTION"}function ev(s){return s.envMap===!1?"ENVMAP_BLENDING_NONE":tv[s.combine]||"ENVMAP_BLENDING_NONE"}function nv(s,t,e,i){let n=s.getContext(),r=e.defines,o=e.vertexShader,a=e.fragmentShader,l=Ky(e),c=e.envMapPMREM===!0?"ENVMAP_TYPE_PMREM":"ENVMAP_TYPE_CUBE",h=Qy(e),u=ev(e),d=Gy(e),f=Wy(r),m=n.createProgram(),y,p,_=e.glslVersion?"#version "+e.glslVersion+`
`:"";e.isRawShaderMaterial?(y=["#define SHADER_TYPE "+e.shaderType,"#define SHADER_NAME "+e.shaderName,f].filter(io).join(`
`),y.length>0&&(y+=`
`),p=["#define SHADER_TYPE "+e.shaderType,"#define SHADER_NAME "+e.shaderName,f].filter(io).join(`
`),p.length>0&&(p+=`
`)):(y=[If(e),"#define SHADER_TYPE "+e.shaderType,"#define SHADER_NAME "+e.shaderName,f,e.extensionClipCullDistance?"#define USE_CLIP_DISTANCE":"",e.batching?"#define USE_BATCHING":"",e.batchingColor?"#define USE_BATCHING_COLOR":"",e.instancing?"#define USE_INSTANCING":"",e.instancingColor?"#define USE_INSTANCING_COLOR":"",e.instancingMorph?"#define USE_INSTANCING_MORPH":"",e.useFog&&e.fog?"#define USE_FOG":"",e.useFog&&e.fogExp2?"#define FOG_EXP2":"",e.map?"#define USE_MAP":"",e.envMap?"#define USE_ENVMAP":"",e.envMap?"#define "+h:"",e.lightMap?"#define USE_LIGHTMAP":"",e.aoMap?"#define USE_AOMAP":"",e.bumpMap?"#define USE_BUMPMAP":"",e.normalMap?"#define USE_NORMALMAP":"",e.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",e.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",e.displacementMap?"#define USE_DISPLACEMENTMAP":"",e.emissiveMap?"#define USE_EMISSIVEMAP":"",e.anisotropy?"#define USE_ANISOTROPY":"",e.anisotropyMap?"#define USE_ANISOTROPYMAP":"",e.clearcoatMap?"#define USE_CLEARCOATMAP":"",e.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",e.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",e.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",e.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",e.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",e.specularMap?"#define USE_SPECULARMAP":"",e.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",e.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",e.roughnessMap?"#define USE_ROUGHNESSMAP":"",e.metalnessMap?"#define USE_METALNESSMAP":"",e.alphaMap?"#define USE_ALPHAMAP":"",e.alphaHash?"#define USE_ALPHAHASH":"",e.transmission?"#define USE_TRANSMISSION":"",e.transmissionMap?"#define USE_TRANSMISSIONMAP":"",e.thicknessMap?"#define USE_THICKNESSMAP":"",e.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",e.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",e.mapUv?"#define MAP_UV "+e.mapUv:"",e.alphaMapUv?"#define ALPHAMAP_UV "+e.alphaMapUv:"",e.lightMapUv?"#define LIGHTMAP_UV "+e.lightMapUv:"",e.aoMapUv?"#define AOMAP_UV "+e.aoMapUv:"",e.emissiveMapUv?"#define EMISSIVEMAP_UV "+e.emissiveMapUv:"",e.bumpMapUv?"#define BUMPMAP_UV "+e.bumpMapUv:"",e.normalMapUv?"#define NORMALMAP_UV "+e.normalMapUv:"",e.displacementMapUv?"#define DISPLACEMENTMAP_UV "+e.displacementMapUv:"",e.metalnessMapUv?"#define METALNESSMAP_UV "+e.metalnessMapUv:"",e.roughnessMapUv?"#define ROUGHNESSMAP_UV "+e.roughnessMapUv:"",e.anisotropyMapUv?"#define ANISOTROPYMAP_UV "+e.anisotropyMapUv:"",e.clearcoatMapUv?"#define CLEARCOATMAP_UV "+e.clearcoatMapUv:"",e.clearcoatNormalMapUv?"#define CLEARCOAT_NORMALMAP_UV "+e.clearcoatNormalMapUv:"",e.clearcoatRoughnessMapUv?"#define CLEARCOAT_ROUGHNESSMAP_UV "+e.clearcoatRoughnessMapUv:"",e.diffuseRoughnessMapUv?"#define DIFFUSE_ROUGHNESSMAP_UV "+e.diffuseRoughnessMapUv:"",e.iridescenceMapUv?"#define IRIDESCENCEMAP_UV "+e.iridescenceMapUv:"",e.iridescenceThicknessMapUv?"#define IRIDESCENCE_THICKNESSMAP_UV "+e.iridescenceThicknessMapUv:"",e.sheenColorMapUv?"#define SHEEN_COLORMAP_UV "+e.sheenColorMapUv:"",e.sheenRoughnessMapUv?"#define SHEEN_ROUGHNESSMAP_UV "+e.sheenRoughnessMapUv:"",e.specularMapUv?"#define SPECULARMAP_UV "+e.specularMapUv:"",e.specularColorMapUv?"#define SPECULAR_COLORMAP_UV "+e.specularColorMapUv:"",e.specularIntensityMapUv?"#define SPECULAR_INTENSITYMAP_UV "+e.specularIntensityMapUv:"",e.transmissionMapUv?"#define TRANSMISSIONMAP_UV "+e.transmissionMapUv:"",e.thicknessMapUv?"#define THICKNESSMAP_UV "+e.thicknessMapUv:"",e.vertexTangents&&e.flatShading===!1?"#define USE_TANGENT":"",e.vertexNormals?"#define HAS_NORMAL":"",e.vertexColors?"#define USE_COLOR":"",e.vertexAlphas?"#define USE_COLOR_ALPHA":"",e.vertexUv1s?"#define USE_UV1":"",e.vertexUv2s?"#define USE_UV2":"",e.vertexUv3s?"#define USE_UV3":"",e.pointsUvs?"#define USE_POINTS_UV":"",e.flatShading?"#define FLAT_SHADED":"",e.skinning?"#define USE_SKINNING":"",e.morphTargets?"#define USE_MORPHTARGETS":"",e.morphNormals&&e.flatShading===!1?"#define USE_MORPHNORMALS":"",e.morphColors?"#define USE_MORPHCOLORS":"",e.morphTargetsCount>0?"#define MORPHTARGETS_TEXTURE_STRIDE "+e.morphTextureStride:"",e.morphTargetsCount>0?"#define MORPHTARGETS_COUNT "+e.morphTargetsCount:"",e.doubleSided?"#define DOUBLE_SIDED":"",e.flipSided?"#define FLIP_SIDED":"",e.shadowMapEnabled?"#define USE_SHADOWMAP":"",e.shadowMapEnabled?"#define "+l:"",e.sizeAttenuation?"#define USE_SIZEATTENUATION":"",e.numLightProbes>0?"#define USE_LIGHT_PROBES":"",e.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",e.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 modelMatrix;","uniform mat4 modelViewMatrix;","uniform mat4 projectionMatrix;","uniform mat4 viewMatrix;","uniform mat3 normalMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;","#ifdef USE_INSTANCING","	attribute mat4 instanceMatrix;","#endif","#ifdef USE_INSTANCING_COLOR","	attribute vec3 instanceColor;","#endif","#ifdef USE_INSTANCING_MORPH","	uniform sampler2D morphTexture;","#endif","attribute vec3 position;","attribute vec3 normal;","attribute vec2 uv;","#ifdef USE_UV1","	attribute vec2 uv1;","#endif","#ifdef USE_UV2","	attribute vec2 uv2;","#endif","#ifdef USE_UV3","	attribute vec2 uv3;","#endif","#ifdef USE_TANGENT","	attribute vec4 tangent;","#endif","#if defined( USE_COLOR_ALPHA )","	attribute vec4 color;","#elif defined( USE_COLOR )","	attribute vec3 color;","#endif","#ifdef USE_SKINNING","	attribute vec4 skinIndex;","	attribute vec4 skinWeight;","#endif",`
`].filter(io).join(`
`),p=[If(e),"#define SHADER_TYPE "+e.shaderType,"#define SHADER_NAME "+e.shaderName,f,e.useFog&&e.fog?"#define USE_FOG":"",e.useFog&&e.fogExp2?"#define FOG_EXP2":"",e.alphaToCoverage?"#define ALPHA_TO_COVERAGE":"",e.map?"#define USE_MAP":"",e.matcap?"#define USE_MATCAP":"",e.envMap?"#define USE_ENVMAP":"",e.envMap?"#define "+c:"",e.envMap?"#define "+h:"",e.envMap?"#define "+u:"",e.envMapPMREM?"#define ENVMAP_MAX_LOD "+e.envMapMaxLod+".0":"",e.envMapPMREM?"#define ENVMAP_SIZE "+e.envMapSize+".0":"",e.lightMap?"#define USE_LIGHTMAP":"",e.aoMap?"#define USE_AOMAP":"",e.bumpMap?"#define USE_BUMPMAP":"",e.normalMap?"#define USE_NORMALMAP":"",e.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",e.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",e.packedNormalMap?"#define USE_PACKED_NORMALMAP":"",e.emissiveMap?"#define USE_EMISSIVEMAP":"",e.anisotropy?"#define USE_ANISOTROPY":"",e.anisotropyMap?"#define USE_ANISOTROPYMAP":"",e.clearcoat?"#define USE_CLEARCOAT":"",e.clearcoatMap?"#define USE_CLEARCOATMAP":"",e.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",e.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",e.diffuseRoughness?"#define USE_DIFFUSE_ROUGHNESS":"",e.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",e.dispersion?"#define USE_DISPERSION":"",e.retroreflection?"#define USE_RETROREFLECTION":"",e.iridescence?"#define USE_IRIDESCENCE":"",e.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",e.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",e.specularMap?"#define USE_SPECULARMAP":"",e.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",e.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",e.roughnessMap?"#define USE_ROUGHNESSMAP":"",e.metalnessMap?"#define USE_METALNESSMAP":"",e.alphaMap?"#define USE_ALPHAMAP":"",e.alphaTest?"#define USE_ALPHATEST":"",e.alphaHash?"#define USE_ALPHAHASH":"",e.sheen?"#define USE_SHEEN":"",e.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",e.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",e.transmission?"#define USE_TRANSMISSION":"",e.transmissionMap?"#define USE_TRANSMISSIONMAP":"",e.thicknessMap?"#define USE_THICKNESSMAP":"",e.vertexTangents&&e.flatShading===!1?"#define USE_TANGENT":"",e.vertexColors||e.instancingColor?"#define USE_COLOR":"",e.vertexAlphas||e.batchingColor?"#define USE_COLOR_ALPHA":"",e.vertexUv1s?"#define USE_UV1":"",e.vertexUv2s?"#define USE_UV2":"",e.vertexUv3s?"#define USE_UV3":"",e.pointsUvs?"#define USE_POINTS_UV":"",e.gradientMap?"#define USE_GRADIENTMAP":"",e.flatShading?"#define FLAT_SHADED":"",e.doubleSided?"#define DOUBLE_SIDED":"",e.flipSided?"#define FLIP_SIDED":"",e.shadowMapEnabled?"#define USE_SHADOWMAP":"",e.shadowMapEnabled?"#define "+l:"",e.premultipliedAlpha?"#define PREMULTIPLIED_ALPHA":"",e.numLightProbes>0?"#define USE_LIGHT_PROBES":"",e.decodeVideoTexture?"#define DECODE_VIDEO_TEXTURE":"",e.decodeVideoTextureEmissive?"#define DECODE_VIDEO_TEXTURE_EMISSIVE":"",e.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",e.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 viewMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;",e.toneMapping!==Kn?"#define TONE_MAPPING":"",e.toneMapping!==Kn?Zt.tonemapping_pars_fragment:"",e.toneMapping!==Kn?Vy("toneMapping",e.toneMapping):"",e.dithering?"#define DITHERING":"",e.opaque?"#define OPAQUE":"",Zt.colorspace_pars_fragment,ky("linearToOutputTexel",e.outputColorSpace),Hy(),e.useDepthPacking?"#define DEPTH_PACKING "+e.depthPacking:"",`
`].filter(io).join(`
`)),o=Oh(o),o=Cf(o,e),o=Rf(o,e),a=Oh(a),a=Cf(a,e),a=Rf(a,e),o=Pf(o),a=Pf(a),e.isRawShaderMaterial!==!0&&(_=`#version 300 es
`,y=[d,"#define attribute in","#define varying out","#define texture2D texture"].join(`
`)+`
`+y,p=["#define varying in",e.glslVersion===vh?"":"layout(location = 0) out highp vec4 pc_fragColor;",e.glslVersion===vh?"":"#define gl_FragColor pc_fragColor","#define gl_FragDepthEXT gl_FragDepth","#define texture2D texture","#define textureCube texture","#define texture2DProj textureProj","#define texture2DLodEXT textureLod","#define texture2DProjLodEXT textureProjLod","#define textureCubeLodEXT textureLod","#define texture2DGradEXT textureGrad","#define texture2DProjGradEXT textureProjGrad","#define textureCubeGradEXT textureGrad"].join(`
`)+`
`+p);let x=_+y+o,S=_+p+a,v=Tf(n,n.VERTEX_SHADER,x),M=Tf(n,n.FRAGMENT_SHADER,S);n.attachShader(m,v),n.attachShader(m,M),e.index0AttributeName!==void 0?n.bindAttribLocation(m,0,e.index0AttributeName):e.hasPositionAttribute===!0&&n.bindAttribLocation(m,0,"position"),n.linkProgram(m);function w(T){if(s.debug.checkShaderErrors){let P=n.getProgramInfoLog(m)||"",I=n.getShaderInfoLog(v)||"",U=n.getShaderInfoLog(M)||"",L=P.trim(),k=I.trim(),H=U.trim(),q=!0,it=!0;if(n.getProgramParameter(m,n.LINK_STATUS)===!1)if(q=!1,typeof s.debug.onShaderError=="function")s.debug.onShaderError(n,m,v,M);else{let Y=Af(n,v,"vertex"),Z=Af(n,M,"fragment");Ot("WebGLProgram: Shader Error "+n.getError()+" - VALIDATE_STATUS "+n.getProgramParameter(m,n.VALIDATE_STATUS)+`

Material Name: `+T.name+`
Material Type: `+T.type+`

Program Info Log: `+L+`
`+Y+`
`+Z)}else L!==""?Dt("WebGLProgram: Program Info Log:",L):(k===""||H==="")&&(it=!1);it&&(T.diagnostics={runnable:q,programLog:L,vertexShader:{log:k,prefix:y},fragmentShader:{log:H,prefix:p}})}n.deleteShader(v),n.deleteShader(M),g=new Gs(n,m),b=qy(n,m)}let g;this.getUniforms=function(){return g===void 0&&w(this),g};let b;this.getAttributes=function(){return b===void 0&&w(this),b};let C=e.rendererExtensionParallelShaderCompile===!1;return this.isReady=function(){return C===!1&&(C=n.getProgramParameter(m,Uy)),C},this.destroy=function(){i.releaseStatesOfProgram(this),n.deleteProgram(m),this.program=void 0},this.type=e.shaderType,this.name=e.shaderName,this.id=Fy++,this.cacheKey=t,this.usedTimes=1,this.program=m,this.vertexShader=v,this.fragmentShader=M,this}function sv(s){return s===Li||s===to||s===eo}function rv(s,t,e,i,n,r){let o=new Rs,a=new Bh,l=new Set,c=[],h=new Map,u=i.logarithmicDepthBuffer,d={MeshDepthMaterial:"depth",MeshDistanceMaterial:"distance",MeshNormalMaterial:"normal",MeshBasicMaterial:"basic",MeshLambertMaterial:"lambert",MeshPhongMaterial:"phong",MeshToonMaterial:"toon",MeshStandardMaterial:"physical",MeshPhysicalMaterial:"physical",MeshMatcapMaterial:"matcap",LineBasicMaterial:"basic",LineDashedMaterial:"dashed",PointsMaterial:"points",ShadowMaterial:"shadow",SpriteMaterial:"sprite"};function f(g){return l.add(g),g===0?"uv":`uv${g}`}function m(g,b,C,T,P,I){let U=T.fog,L=P.geometry,k=g.isMeshStandardMaterial||g.isMeshLambertMaterial||g.isMeshPhongMaterial?T.environment:null,H=g.isMeshStandardMaterial||g.isMeshLambertMaterial&&!g.envMap||g.isMeshPhongMaterial&&!g.envMap,q=t.get(g.envMap||k,H),it=d[g.type],Y=i.precision;g.precision!==null&&(Y=i.getMaxPrecision(g.precision),Y!==g.precision&&Dt("WebGLProgram.getParameters:",g.precision,"not supported, using",Y,"instead."));let Z=L.morphAttributes.position||L.morphAttributes.normal||L.morphAttributes.color,nt=Z!==void 0?Z.length:0,Mt=0;L.morphAttributes.position!==void 0&&(Mt=1),L.morphAttributes.normal!==void 0&&(Mt=2),L.morphAttributes.color!==void 0&&(Mt=3);let Ft,J,at,bt;if(it){let yt=Qn[it];Ft=yt.vertexShader,J=yt.fragmentShader}else{Ft=g.vertexShader,J=g.fragmentShader;let yt=a.getVertexShaderStage(g),ue=a.getFragmentShaderStage(g);a.update(g,yt,ue),at=yt.id,bt=ue.id}let Ct=s.getRenderTarget(),gt=s.state.buffers.depth.getReversed(),Nt=P.isInstancedMesh===!0,_e=P.isBatchedMesh===!0,Rt=!!g.map,qt=!!g.matcap,ae=!!q,Yt=ae&&q.isPMREMTexture===!0,Ie=!!g.aoMap,Ae=!!g.lightMap,Ue=!!g.bumpMap&&g.wireframe===!1,xe=!!g.normalMap,N=!!g.displacementMap,z=!!g.emissiveMap,tt=!!g.metalnessMap,xt=!!g.roughnessMap,Bt=g.anisotropy>0,F=g.clearcoat>0,ve=g.diffuseRoughness>0,le=g.dispersion>0,de=g.retroreflectivity>0,_t=g.iridescence>0,Fe=g.sheen>0,Ut=g.transmission>0,Ht=Bt&&!!g.anisotropyMap,D=F&&!!g.clearcoatMap,E=F&&!!g.clearcoatNormalMap,G=F&&!!g.clearcoatRoughnessMap,st=ve&&!!g.diffuseRoughnessMap,et=_t&&!!g.iridescenceMap,lt=_t&&!!g.iridescenceThicknessMap,pt=Fe&&!!g.sheenColorMap,K=Fe&&!!g.sheenRoughnessMap,j=!!g.specularMap,ut=!!g.specularColorMap,O=!!g.specularIntensityMap,Q=Ut&&!!g.transmissionMap,$=Ut&&!!g.thicknessMap,dt=!!g.gradientMap,ot=!!g.alphaMap,ct=g.alphaTest>0,Pt=!!g.alphaHash,$t=!!g.extensions,rt=Kn;g.toneMapped&&(Ct===null||Ct.isXRRenderTarget===!0)&&(rt=s.toneMapping);let Lt=Yt?q.isCompressedCubeTexture?q.image[0].mipmaps:q.mipmaps:null,Xt={shaderID:it,shaderType:g.type,shaderName:g.name,vertexShader:Ft,fragmentShader:J,defines:g.defines,customVertexShaderID:at,customFragmentShaderID:bt,isRawShaderMaterial:g.isRawShaderMaterial===!0,glslVersion:g.glslVersion,precision:Y,batching:_e,batchingColor:_e&&P._colorsTexture!==null,instancing:Nt,instancingColor:Nt&&P.instanceColor!==null,instancingMorph:Nt&&P.morphTexture!==null,outputColorSpace:Ct===null?s.outputColorSpace:Ct.isXRRenderTarget===!0?Ct.texture.colorSpace:Jt.workingColorSpace,alphaToCoverage:!!g.alphaToCoverage,map:Rt,matcap:qt,envMap:ae,envMapMode:ae&&q.mapping,envMapPMREM:Yt,envMapMaxLod:Yt?Lt.length-1:null,envMapSize:Yt?Lt[0].width:null,aoMap:Ie,lightMap:Ae,bumpMap:Ue,normalMap:xe,displacementMap:N,emissiveMap:z,normalMapObjectSpace:xe&&g.normalMapType===Jd,normalMapTangentSpace:xe&&g.normalMapType===vl,packedNormalMap:xe&&g.normalMapType===vl&&sv(g.normalMap.format),metalnessMap:tt,roughnessMap:xt,anisotropy:Bt,anisotropyMap:Ht,clearcoat:F,clearcoatMap:D,clearcoatNormalMap:E,clearcoatRoughnessMap:G,diffuseRoughness:ve,diffuseRoughnessMap:st,dispersion:le,retroreflection:de,iridescence:_t,iridescenceMap:et,iridescenceThicknessMap:lt,sheen:Fe,sheenColorMap:pt,sheenRoughnessMap:K,specularMap:j,specularColorMap:ut,specularIntensityMap:O,transmission:Ut,transmissionMap:Q,thicknessMap:$,gradientMap:dt,opaque:g.transparent===!1&&g.blending===ks&&g.alphaToCoverage===!1,alphaMap:ot,alphaTest:ct,alphaHash:Pt,combine:g.combine,mapUv:Rt&&f(g.map.channel),aoMapUv:Ie&&f(g.aoMap.channel),lightMapUv:Ae&&f(g.lightMap.channel),bumpMapUv:Ue&&f(g.bumpMap.channel),normalMapUv:xe&&f(g.normalMap.channel),displacementMapUv:N&&f(g.displacementMap.channel),emissiveMapUv:z&&f(g.emissiveMap.channel),metalnessMapUv:tt&&f(g.metalnessMap.channel),roughnessMapUv:xt&&f(g.roughnessMap.channel),anisotropyMapUv:Ht&&f(g.anisotropyMap.channel),clearcoatMapUv:D&&f(g.clearcoatMap.channel),clearcoatNormalMapUv:E&&f(g.clearcoatNormalMap.channel),clearcoatRoughnessMapUv:G&&f(g.clearcoatRoughnessMap.channel),diffuseRoughnessMapUv:st&&f(g.diffuseRoughnessMap.channel),iridescenceMapUv:et&&f(g.iridescenceMap.channel),iridescenceThicknessMapUv:lt&&f(g.iridescenceThicknessMap.channel),sheenColorMapUv:pt&&f(g.sheenColorMap.channel),sheenRoughnessMapUv:K&&f(g.sheenRoughnessMap.channel),specularMapUv:j&&f(g.specularMap.channel),specularColorMapUv:ut&&f(g.specularColorMap.channel),specularIntensityMapUv:O&&f(g.specularIntensityMap.channel),transmissionMapUv:Q&&f(g.transmissionMap.channel),thicknessMapUv:$&&f(g.thicknessMap.channel),alphaMapUv:ot&&f(g.alphaMap.channel),vertexTangents:!!L.attributes.tangent&&(xe||Bt),vertexNormals:!!L.attributes.normal,vertexColors:g.vertexColors,vertexAlphas:g.vertexColors===!0&&!!L.attributes.color&&L.attributes.color.itemSize===4,pointsUvs:P.isPoints===!0&&!!L.attributes.uv&&(Rt||ot),fog:!!U,useFog:g.fog===!0,fogExp2:!!U&&U.isFogExp2,flatShading:g.wireframe===!1&&(g.flatShading===!0||L.attributes.normal===void 0&&xe===!1&&(g.isMeshLambertMaterial||g.isMeshPhongMaterial||g.isMeshStandardMaterial||g.isMeshPhysicalMaterial)),sizeAttenuation:g.sizeAttenuation===!0,logarithmicDepthBuffer:u,reversedDepthBuffer:gt,skinning:P.isSkinnedMesh===!0,hasPositionAttribute:L.attributes.position!==void 0,morphTargets:L.morphAttributes.position!==void 0,morphNormals:L.morphAttributes.normal!==void 0,morphColors:L.morphAttributes.color!==void 0,morphTargetsCount:nt,morphTextureStride:Mt,numSunLights:b.sun.length,numDirLights:b.directional.length,numPointLights:b.point.length,numSpotLights:b.spot.length,numSpotLightMaps:b.spotLightMap.length,numRectAreaLights:b.rectArea.length,numHemiLights:b.hemi.length,numSunLightShadows:b.sunShadowMap.length,numDirLightShadows:b.directionalShadowMap.length,numPointLightShadows:b.pointShadowMap.length,numSpotLightShadows:b.spotShadowMap.length,numSpotLightShadowsWithMaps:b.numSpotLightShadowsWithMaps,numLightProbes:b.numLightProbes,numLightProbeGrids:I.filter(yt=>yt.texture!==null).length,numClippingPlanes:r.numPlanes,numClipIntersection:r.numIntersection,dithering:g.dithering,shadowMapEnabled:s.shadowMap.enabled&&C.length>0,shadowMapType:s.shadowMap.type,toneMapping:rt,decodeVideoTexture:Rt&&g.map.isVideoTexture===!0&&Jt.getTransfer(g.map.colorSpace)===ce,decodeVideoTextureEmissive:z&&g.emissiveMap.isVideoTexture===!0&&Jt.getTransfer(g.emissiveMap.colorSpace)===ce,premultipliedAlpha:g.premultipliedAlpha,doubleSided:g.side===fn,flipSided:g.side===$e,useDepthPacking:g.depthPacking>=0,depthPacking:g.depthPacking||0,index0AttributeName:g.index0AttributeName,extensionClipCullDistance:$t&&g.extensions.clipCullDistance===!0&&e.has("WEBGL_clip_cull_distance"),extensionMultiDraw:($t&&g.extensions.multiDraw===!0||_e)&&e.has("WEBGL_multi_draw"),rendererExtensionParallelShaderCompile:e.has("KHR_parallel_shader_compile"),customProgramCacheKey:g.customProgramCacheKey()};return Xt.vertexUv1s=l.has(1),Xt.vertexUv2s=l.has(2),Xt.vertexUv3s=l.has(3),l.clear(),Xt}function y(g){let b=[];if(g.shaderID?b.push(g.shaderID):(b.push(g.customVertexShaderID),b.push(g.customFragmentShaderID)),g.defines!==void 0)for(let C in g.defines)b.push(C),b.push(g.defines[C]);return g.isRawShaderMaterial===!1&&(p(b,g),_(b,g),b.push(s.outputColorSpace)),b.push(g.customProgramCacheKey),b.join()}function p(g,b){g.push(b.precision),g.push(b.outputColorSpace),g.push(b.envMapMode),g.push(b.envMapPMREM),g.push(b.envMapMaxLod),g.push(b.envMapSize),g.push(b.mapUv),g.push(b.alphaMapUv),g.push(b.lightMapUv),g.push(b.aoMapUv),g.push(b.bumpMapUv),g.push(b.normalMapUv),g.push(b.displacementMapUv),g.push(b.emissiveMapUv),g.push(b.metalnessMapUv),g.push(b.roughnessMapUv),g.push(b.anisotropyMapUv),g.push(b.clearcoatMapUv),g.push(b.clearcoatNormalMapUv),g.push(b.clearcoatRoughnessMapUv),g.push(b.diffuseRoughnessMapUv),g.push(b.iridescenceMapUv),g.push(b.iridescenceThicknessMapUv),g.push(b.sheenColorMapUv),g.push(b.sheenRoughnessMapUv),g.push(b.specularMapUv),g.push(b.specularColorMapUv),g.push(b.specularIntensityMapUv),g.push(b.transmissionMapUv),g.push(b.thicknessMapUv),g.push(b.combine),g.push(b.fogExp2),g.push(b.sizeAttenuation),g.push(b.morphTargetsCount),g.push(b.numSunLights),g.push(b.numDirLights),g.push(b.numPointLights),g.push(b.numSpotLights),g.push(b.numSpotLightMaps),g.push(b.numHemiLights),g.push(b.numRectAreaLights),g.push(b.numSunLightShadows),g.push(b.numDirLightShadows),g.push(b.numPointLightShadows),g.push(b.numSpotLightShadows),g.push(b.numSpotLightShadowsWithMaps),g.push(b.numLightProbes),g.push(b.numLightProbeGrids),g.push(b.shadowMapType),g.push(b.toneMapping),g.push(b.numClippingPlanes),g.push(b.numClipIntersection),g.push(b.depthPacking)}function _(g,b){o.disableAll(),b.instancing&&o.enable(0),b.instancingColor&&o.enable(1),b.instancingMorph&&o.enable(2),b.matcap&&o.enable(3),b.envMap&&o.enable(4),b.normalMapObjectSpace&&o.enable(5),b.normalMapTangentSpace&&o.enable(6),b.clearcoat&&o.enable(7),b.iridescence&&o.enable(8),b.alphaTest&&o.enable(9),b.vertexColors&&o.enable(10),b.vertexAlphas&&o.enable(11),b.vertexUv1s&&o.enable(12),b.vertexUv2s&&o.enable(13),b.vertexUv3s&&o.enable(14),b.vertexTangents&&o.enable(15),b.anisotropy&&o.enable(16),b.alphaHash&&o.enable(17),b.batching&&o.enable(18),b.dispersion&&o.enable(19),b.retroreflection&&o.enable(24),b.diffuseRoughness&&o.enable(25),b.batchingColor&&o.enable(20),b.gradientMap&&o.enable(21),b.packedNormalMap&&o.enable(22),b.vertexNormals&&o.enable(23),g.push(o.mask),o.disableAll(),b.fog&&o.enable(0),b.useFog&&o.enable(1),b.flatShading&&o.enable(2),b.logarithmicDepthBuffer&&o.enable(3),b.reversedDepthBuffer&&o.enable(4),b.skinning&&o.enable(5),b.morphTargets&&o.enable(6),b.morphNormals&&o.enable(7),b.morphColors&&o.enable(8),b.premultipliedAlpha&&o.enable(9),b.shadowMapEnabled&&o.enable(10),b.doubleSided&&o.enable(11),b.flipSided&&o.enable(12),b.useDepthPacking&&o.enable(13),b.dithering&&o.enable(14),b.transmission&&o.enable(15),b.sheen&&o.enable(16),b.opaque&&o.enable(17),b.pointsUvs&&o.enable(18),b.decodeVideoTexture&&o.enable(19),b.decodeVideoTextureEmissive&&o.enable(20),b.alphaToCoverage&&o.enable(21),b.numLightProbeGrids>0&&o.enable(22),b.hasPositionAttribute&&o.enable(23),g.push(o.mask)}function x(g){let b=d[g.type],C;if(b){let T=Qn[b];C=df.clone(T.uniforms)}else C=g.uniforms;return C}function S(g,b){let C=h.get(b);return C!==void 0?++C.usedTimes:(C=new nv(s,b,g,n),c.push(C),h.set(b,C)),C}function v(g){if(--g.usedTimes===0){let b=c.indexOf(g);c[b]=c[c.length-1],c.pop(),h.delete(g.cacheKey),g.destroy()}}function M(g){a.remove(g)}function w(){a.dispose()}return{getParameters:m,getProgramCacheKey:y,getUniforms:x,acquireProgram:S,releaseProgram:v,releaseShaderCache:M,programs:c,dispose:w}}function ov(){let s=new WeakMap;function t(o){return s.has(o)}function e(o){let a=s.get(o);return a===void 0&&(a={},s.set(o,a)),a}function i(o){s.delete(o)}function n(o,a,l){s.get(o)[a]=l}function r(){s=new WeakMap}return{has:t,get:e,remove:i,update:n,dispose:r}}function av(s,t){return s.groupOrder!==t.groupOrder?s.groupOrder-t.groupOrder:s.renderOrder!==t.renderOrder?s.renderOrder-t.renderOrder:s.material.id!==t.material.id?s.material.id-t.material.id:s.materialVariant!==t.materialVariant?s.materialVariant-t.materialVariant:s.z!==t.z?s.z-t.z:s.id-t.id}function Lf(s,t){return s.groupOrder!==t.groupOrder?s.groupOrder-t.groupOrder:s.renderOrder!==t.renderOrder?s.renderOrder-t.renderOrder:s.z!==t.z?t.z-s.z:s.id-t.id}function Df(){let s=[],t=0,e=[],i=[],n=[];function r(){t=0,e.length=0,i.length=0,n.length=0}function o(d){let f=0;return d.isInstancedMesh&&(f+=2),d.isSkinnedMesh&&(f+=1),f}function a(d,f,m,y,p,_){let x=s[t];return x===void 0?(x={id:d.id,object:d,geometry:f,material:m,materialVariant:o(d),groupOrder:y,renderOrder:d.renderOrder,z:p,group:_},s[t]=x):(x.id=d.id,x.object=d,x.geometry=f,x.material=m,x.materialVariant=o(d),x.groupOrder=y,x.renderOrder=d.renderOrder,x.z=p,x.group=_),t++,x}function l(d,f,m,y,p,_,x){x.reversedDepth===!0&&(p=-p);let S=a(d,f,m,y,p,_);m.transmission>0?i.push(S):m.transparent===!0?n.push(S):e.push(S)}function c(d,f,m,y,p,_){let x=a(d,f,m,y,p,_);m.transmission>0?i.unshift(x):m.transparent===!0?n.unshift(x):e.unshift(x)}function h(d,f){e.length>1&&e.sort(d||av),i.length>1&&i.sort(f||Lf),n.length>1&&n.sort(f||Lf)}function u(){for(let d=t,f=s.length;d<f;d++){let m=s[d];if(m.id===null)break;m.id=null,m.object=null,m.geometry=null,m.material=null,m.group=null}}return{opaque:e,transmissive:i,transparent:n,init:r,push:l,unshift:c,finish:u,sort:h}}function lv(){let s=new WeakMap;function t(i,n){let r=s.get(i),o;return r===void 0?(o=new Df,s.set(i,[o])):n>=r.length?(o=new Df,r.push(o)):o=r[n],o}function e(){s=new WeakMap}return{get:t,dispose:e}}function cv(){let s={};return{get:function(t){if(s[t.id]!==void 0)return s[t.id];let e;switch(t.type){case"SunLight":case"DirectionalLight":e={direction:new R,color:new Wt};break;case"SpotLight":e={position:new R,direction:new R,color:new Wt,distance:0,coneCos:0,penumbraCos:0,decay:0};break;case"PointLight":e={position:new R,color:new Wt,distance:0,decay:0};break;case"HemisphereLight":e={direction:new R,skyColor:new Wt,groundColor:new Wt};break;case"RectAreaLight":e={color:new Wt,position:new R,halfWidth:new R,halfHeight:new R};break}return s[t.id]=e,e}}}function hv(){let s={};return{get:function(t){if(s[t.id]!==void 0)return s[t.id];let e;switch(t.type){case"SunLight":case"DirectionalLight":e={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new ht};break;case"SpotLight":e={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new ht};break;case"PointLight":e={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new ht,shadowCameraNear:1,shadowCameraFar:1e3};break}return s[t.id]=e,e}}}function dv(s,t){return(t.castShadow?2:0)-(s.castShadow?2:0)+(t.map?1:0)-(s.map?1:0)}function fv(s){let t=new cv,e=hv(),i={version:0,hash:{sunLength:-1,directionalLength:-1,pointLength:-1,spotLength:-1,rectAreaLength:-1,hemiLength:-1,numSunShadows:-1,numDirectionalShadows:-1,numPointShadows:-1,numSpotShadows:-1,numSpotMaps:-1,numLightProbes:-1},ambient:[0,0,0],probe:[],sun:[],sunShadow:[],sunShadowMap:[],sunShadowMatrix:[],sunShadowCascade:[],directional:[],directionalShadow:[],directionalShadowMap:[],directionalShadowMatrix:[],spot:[],spotLightMap:[],spotShadow:[],spotShadowMap:[],spotLightMatrix:[],rectArea:[],rectAreaLTC1:null,rectAreaLTC2:null,point:[],pointShadow:[],pointShadowMap:[],pointShadowMatrix:[],hemi:[],numSpotLightShadowsWithMaps:0,numLightProbes:0};for(let c=0;c<9;c++)i.probe.push(new R);let n=new R,r=new kt,o=new kt;function a(c){let h=0,u=0,d=0;for(let I=0;I<9;I++)i.probe[I].set(0,0,0);let f=0,m=0,y=0,p=0,_=0,x=0,S=0,v=0,M=0,w=0,g=0,b=0,C=0,T=0;c.sort(dv);for(let I=0,U=c.length;I<U;I++){let L=c[I],k=L.color,H=L.intensity,q=L.distance,it=null;if(L.shadow&&L.shadow.map&&(L.shadow.map.texture.format===Li?it=L.shadow.map.texture:it=L.shadow.map.depthTexture||L.shadow.map.texture),L.isAmbientLight)h+=k.r*H,u+=k.g*H,d+=k.b*H;else if(L.isLightProbe){for(let Y=0;Y<9;Y++)i.probe[Y].addScaledVector(L.sh.coefficients[Y],H);T++}else if(L.isSunLight){let Y=t.get(L);if(Y.color.copy(L.color).multiplyScalar(L.intensity),L.castShadow){let Z=L.shadow,nt=e.get(L);nt.shadowIntensity=Z.intensity,nt.shadowBias=Z.bias,nt.shadowNormalBias=Z.normalBias,nt.shadowRadius=Z.radius,nt.shadowMapSize.copy(Z.mapSize).multiply(Z.getFrameExtents()),i.sunShadow[m]=nt,i.sunShadowMap[m]=it;let Mt=Z.getViewportCount();for(let Ft=0;Ft<Mt;Ft++)i.sunShadowMatrix[y+Ft]=Z.getMatrix(Ft),i.sunShadowCascade[y+Ft]=Z._cascadeData[Ft];y+=Mt,m++}i.sun[f]=Y,f++}else if(L.isDirectionalLight){let Y=t.get(L);if(Y.color.copy(L.color).multiplyScalar(L.intensity),L.castShadow){let Z=L.shadow,nt=e.get(L);nt.shadowIntensity=Z.intensity,nt.shadowBias=Z.bias,nt.shadowNormalBias=Z.normalBias,nt.shadowRadius=Z.radius,nt.shadowMapSize=Z.mapSize,i.directionalShadow[p]=nt,i.directionalShadowMap[p]=it,i.directionalShadowMatrix[p]=L.shadow.matrix,M++}i.directional[p]=Y,p++}else if(L.isSpotLight){let Y=t.get(L);Y.position.setFromMatrixPosition(L.matrixWorld),Y.color.copy(k).multiplyScalar(H),Y.distance=q,Y.coneCos=Math.cos(L.angle),Y.penumbraCos=Math.cos(L.angle*(1-L.penumbra)),Y.decay=L.decay,i.spot[x]=Y;let Z=L.shadow;if(L.map&&(i.spotLightMap[b]=L.map,b++,Z.updateMatrices(L),L.castShadow&&C++),i.spotLightMatrix[x]=Z.matrix,L.castShadow){let nt=e.get(L);nt.shadowIntensity=Z.intensity,nt.shadowBias=Z.bias,nt.shadowNormalBias=Z.normalBias,nt.shadowRadius=Z.radius,nt.shadowMapSize=Z.mapSize,i.spotShadow[x]=nt,i.spotShadowMap[x]=it,g++}x++}else if(L.isRectAreaLight){let Y=t.get(L);Y.color.copy(k).multiplyScalar(H),Y.halfWidth.set(L.width*.5,0,0),Y.halfHeight.set(0,L.height*.5,0),i.rectArea[S]=Y,S++}else if(L.isPointLight){let Y=t.get(L);if(Y.color.copy(L.color).multiplyScalar(L.intensity),Y.distance=L.distance,Y.decay=L.decay,L.castShadow){let Z=L.shadow,nt=e.get(L);nt.shadowIntensity=Z.intensity,nt.shadowBias=Z.bias,nt.shadowNormalBias=Z.normalBias,nt.shadowRadius=Z.radius,nt.shadowMapSize=Z.mapSize,nt.shadowCameraNear=Z.camera.near,nt.shadowCameraFar=Z.camera.far,i.pointShadow[_]=nt,i.pointShadowMap[_]=it,i.pointShadowMatrix[_]=L.shadow.matrix,w++}i.point[_]=Y,_++}else if(L.isHemisphereLight){let Y=t.get(L);Y.skyColor.copy(L.color).multiplyScalar(H),Y.groundColor.copy(L.groundColor).multiplyScalar(H),i.hemi[v]=Y,v++}}S>0&&(s.has("OES_texture_float_linear")===!0?(i.rectAreaLTC1=vt.LTC_FLOAT_1,i.rectAreaLTC2=vt.LTC_FLOAT_2):(i.rectAreaLTC1=vt.LTC_HALF_1,i.rectAreaLTC2=vt.LTC_HALF_2)),i.ambient[0]=h,i.ambient[1]=u,i.ambient[2]=d;let P=i.hash;(P.sunLength!==f||P.directionalLength!==p||P.pointLength!==_||P.spotLength!==x||P.rectAreaLength!==S||P.hemiLength!==v||P.numSunShadows!==m||P.numDirectionalShadows!==M||P.numPointShadows!==w||P.numSpotShadows!==g||P.numSpotMaps!==b||P.numLightProbes!==T)&&(i.sun.length=f,i.directional.length=p,i.spot.length=x,i.rectArea.length=S,i.point.length=_,i.hemi.length=v,i.sunShadow.length=m,i.sunShadowMap.length=m,i.sunShadowMatrix.length=y,i.sunShadowCascade.length=y,i.directionalShadow.length=M,i.directionalShadowMap.length=M,i.directionalShadowMatrix.length=M,i.pointShadow.length=w,i.pointShadowMap.length=w,i.pointShadowMatrix.length=w,i.spotShadow.length=g,i.spotShadowMap.length=g,i.spotLightMatrix.length=g+b-C,i.spotLightMap.length=b,i.numSpotLightShadowsWithMaps=C,i.numLightProbes=T,P.sunLength=f,P.directionalLength=p,P.pointLength=_,P.spotLength=x,P.rectAreaLength=S,P.hemiLength=v,P.numSunShadows=m,P.numDirectionalShadows=M,P.numPointShadows=w,P.numSpotShadows=g,P.numSpotMaps=b,P.numLightProbes=T,i.version=uv++)}function l(c,h){let u=0,d=0,f=0,m=0,y=0,p=0,_=h.matrixWorldInverse;for(let x=0,S=c.length;x<S;x++){let v=c[x];if(v.isSunLight){let M=i.sun[u];M.direction.setFromMatrixPosition(v.matrixWorld),M.direction.transformDirection(_),u++}else if(v.isDirectionalLight){let M=i.directional[d];M.direction.setFromMatrixPosition(v.matrixWorld),n.setFromMatrixPosition(v.target.matrixWorld),M.direction.sub(n),M.direction.transformDirection(_),d++}else if(v.isSpotLight){let M=i.spot[m];M.position.setFromMatrixPosition(v.matrixWorld),M.position.applyMatrix4(_),M.direction.setFromMatrixPosition(v.matrixWorld),n.setFromMatrixPosition(v.target.matrixWorld),M.direction.sub(n),M.direction.transformDirection(_),m++}else if(v.isRectAreaLight){let M=i.rectArea[y];M.position.setFromMatrixPosition(v.matrixWorld),M.position.applyMatrix4(_),o.identity(),r.copy(v.matrixWorld),r.premultiply(_),o.extractRotation(r),M.halfWidth.set(v.width*.5,0,0),M.halfHeight.set(0,v.height*.5,0),M.halfWidth.applyMatrix4(o),M.halfHeight.applyMatrix4(o),y++}else if(v.isPointLight){let M=i.point[f];M.position.setFromMatrixPosition(v.matrixWorld),M.position.applyMatrix4(_),f++}else if(v.isHemisphereLight){let M=i.hemi[p];M.direction.setFromMatrixPosition(v.matrixWorld),M.direction.transformDirection(_),p++}}}return{setup:a,setupView:l,state:i}}function Nf(s){let t=new fv(s),e=[],i=[],n=[];function r(u){h.camera=u,e.length=0,i.length=0,n.length=0}function o(u){u.isLightProbeGrid?n.push(u):e.push(u)}function a(u){i.push(u)}function l(){t.setup(e),n.sort((u,d)=>u.priority-d.priority||u.id-d.id)}function c(u){t.setupView(e,u)}let h={lightsArray:e,shadowsArray:i,lightProbeGridArray:n,camera:null,lights:t,transmissionRenderTarget:{},textureUnits:0};return{init:r,state:h,setupLights:l,setupLightsView:c,pushLight:o,pushShadow:a}}function pv(s){let t=new WeakMap;function e(n,r=0){let o=t.get(n),a;return o===void 0?(a=new Nf(s),t.set(n,[a])):r>=o.length?(a=new Nf(s),o.push(a)):a=o[r],a}function i(){t=new WeakMap}return{get:e,dispose:i}}function yv(s,t,e){let i=new di,n=new ht,r=new ht,o=new be,a=new Sa,l=new ba,c={},h=e.maxTextureSize,u={[Hn]:$e,[$e]:Hn,[fn]:fn},d=new Jn({defines:{VSM_SAMPLES:8},uniforms:{shadow_pass:{value:null},resolution:{value:new ht},radius:{value:4}},vertexShader:mv,fragmentShader:gv}),f=d.clone();f.defines.HORIZONTAL_PASS=1;let m=new Te;m.setAttribute("position",new we(new Float32Array([-1,-1,.5,3,-1,.5,-1,3,.5]),3));let y=new Ee(m,d),p=this;this.enabled=!1,this.autoUpdate=!0,this.needsUpdate=!1,this.type=Yr;let _=this.type;this.render=function(w,g,b){if(p.enabled===!1||p.autoUpdate===!1&&p.needsUpdate===!1||w.length===0)return;this.type===Ad&&(Dt("WebGLShadowMap: PCFSoftShadowMap has been removed. Using PCFShadowMap instead."),this.type=Yr);let C=s.getRenderTarget(),T=s.getActiveCubeFace(),P=s.getActiveMipmapLevel(),I=s.state;I.setBlending(Qi),I.buffers.depth.getReversed()===!0?I.buffers.color.setClear(0,0,0,0):I.buffers.color.setClear(1,1,1,1),I.buffers.depth.setTest(!0),I.setScissorTest(!1);let U=_!==this.type;U&&g.traverse(function(L){L.material&&(Array.isArray(L.material)?L.material.forEach(k=>k.needsUpdate=!0):L.material.needsUpdate=!0)});for(let L=0,k=w.length;L<k;L++){let H=w[L],q=H.shadow;if(q===void 0){Dt("WebGLShadowMap:",H,"has no shadow.");continue}if(q.autoUpdate===!1&&q.needsUpdate===!1)continue;n.copy(q.mapSize);let it=q.getFrameExtents();n.multiply(it),r.copy(q.mapSize),(n.x>h||n.y>h)&&(n.x>h&&(r.x=Math.floor(h/it.x),n.x=r.x*it.x,q.mapSize.x=r.x),n.y>h&&(r.y=Math.floor(h/it.y),n.y=r.y*it.y,q.mapSize.y=r.y));let Y=s.state.buffers.depth.getReversed();if(q.camera._reversedDepth=Y,q.map===null||U===!0){if(q.map!==null&&(q.map.depthTexture!==null&&(q.map.depthTexture.dispose(),q.map.depthTexture=null),q.map.dispose()),this.type===Bs){if(H.isPointLight){Dt("WebGLShadowMap: VSM shadow maps are not supported for PointLights. Use PCF or BasicShadowMap instead.");continue}q.map=new Tn(n.x,n.y,{format:Li,type:Gn,minFilter:un,magFilter:un,generateMipmaps:!1}),q.map.texture.name=H.name+".shadowMap",q.map.depthTexture=new fi(n.x,n.y,Mn),q.map.depthTexture.name=H.name+".shadowMapDepth",q.map.depthTexture.format=ci,q.map.depthTexture.compareFunction=null,q.map.depthTexture.minFilter=Ge,q.map.depthTexture.magFilter=Ge}else H.isPointLight?(q.map=new so(n.x),q.map.depthTexture=new Lr(n.x,Nn)):(q.map=new Tn(n.x,n.y),q.map.depthTexture=new fi(n.x,n.y,Nn)),q.map.depthTexture.name=H.name+".shadowMap",q.map.depthTexture.format=ci,this.type===Yr?(q.map.depthTexture.compareFunction=Y?xh:_h,q.map.depthTexture.minFilter=un,q.map.depthTexture.magFilter=un):(q.map.depthTexture.compareFunction=null,q.map.depthTexture.minFilter=Ge,q.map.depthTexture.magFilter=Ge);q.camera.updateProjectionMatrix()}q.map.isWebGLCubeRenderTarget!==!0&&(q.map.width!==n.x||q.map.height!==n.y)&&q.map.setSize(n.x,n.y);let Z=q.map.isWebGLCubeRenderTarget?6:q.getViewportCount();H.isPointLight!==!0&&q.updateMatrices(H,b);let nt=(q.camera.layers.mask&4294967294)!==0?q.camera.layers:b.layers;for(let Mt=0;Mt<Z;Mt++){let Ft=q.getCamera(Mt);if(H.isPointLight){let J=q.camera,at=q.matrix,bt=H.distance||J.far;bt!==J.far&&(J.far=bt,J.updateProjectionMatrix()),no.setFromMatrixPosition(H.matrixWorld),J.position.copy(no),Dh.copy(J.position),Dh.add(_v[Mt]),J.up.copy(xv[Mt]),J.lookAt(Dh),J.updateMatrixWorld(),at.makeTranslation(-no.x,-no.y,-no.z),Uf.multiplyMatrices(J.projectionMatrix,J.matrixWorldInverse),q._frustum.setFromProjectionMatrix(Uf,J.coordinateSystem,J.reversedDepth)}if(q.map.isWebGLCubeRenderTarget)s.setRenderTarget(q.map,Mt),s.clear();else{Mt===0&&(s.setRenderTarget(q.map),s.clear());let J=q.getViewport(Mt);o.set(r.x*J.x,r.y*J.y,r.x*J.z,r.y*J.w),I.viewport(o)}i=q.getFrustum(Mt),v(g,b,Ft,H,nt,this.type)}q.isPointLightShadow!==!0&&this.type===Bs&&x(q,b),q.needsUpdate=!1}_=this.type,p.needsUpdate=!1,s.setRenderTarget(C,T,P)};function x(w,g){let b=t.update(y);d.defines.VSM_SAMPLES!==w.blurSamples&&(d.defines.VSM_SAMPLES=w.blurSamples,f.defines.VSM_SAMPLES=w.blurSamples,d.needsUpdate=!0,f.needsUpdate=!0),w.mapPass===null?w.mapPass=new Tn(n.x,n.y,{format:Li,type:Gn}):(w.mapPass.width!==w.map.width||w.mapPass.height!==w.map.height)&&w.mapPass.setSize(w.map.width,w.map.height),d.uniforms.shadow_pass.value=w.map.depthTexture,d.uniforms.resolution.value.set(w.map.width,w.map.height),d.uniforms.radius.value=w.radius,s.setRenderTarget(w.mapPass),s.clear(),s.renderBufferDirect(g,null,b,d,y,null),f.uniforms.shadow_pass.value=w.mapPass.texture,f.uniforms.resolution.value.set(w.map.width,w.map.height),f.uniforms.radius.value=w.radius,s.setRenderTarget(w.map),s.clear(),s.renderBufferDirect(g,null,b,f,y,null)}function S(w,g,b,C){let T=null,P=b.isPointLight===!0?w.customDistanceMaterial:w.customDepthMaterial;if(P!==void 0)T=P;else if(T=b.isPointLight===!0?l:a,s.localClippingEnabled&&g.clipShadows===!0&&Array.isArray(g.clippingPlanes)&&g.clippingPlanes.length!==0||g.displacementMap&&g.displacementScale!==0||g.alphaMap&&g.alphaTest>0||g.map&&g.alphaTest>0||g.alphaToCoverage===!0){let I=T.uuid,U=g.uuid,L=c[I];L===void 0&&(L={},c[I]=L);let k=L[U];k===void 0&&(k=T.clone(),L[U]=k,g.addEventListener("dispose",M)),T=k}if(T.visible=g.visible,T.wireframe=g.wireframe,C===Bs?T.side=g.shadowSide!==null?g.shadowSide:g.side:T.side=g.shadowSide!==null?g.shadowSide:u[g.side],T.alphaMap=g.alphaMap,T.alphaTest=g.alphaToCoverage===!0?.5:g.alphaTest,T.map=g.map,T.clipShadows=g.clipShadows,T.clippingPlanes=g.clippingPlanes,T.clipIntersection=g.clipIntersection,T.displacementMap=g.displacementMap,T.displacementScale=g.displacementScale,T.displacementBias=g.displacementBias,T.wireframeLinewidth=g.wireframeLinewidth,T.linewidth=g.linewidth,b.isPointLight===!0&&T.isMeshDistanceMaterial===!0){let I=s.properties.get(T);I.light=b}return T}function v(w,g,b,C,T,P){if(w.visible===!1)return;if(w.layers.test(T)&&(w.isMesh||w.isLine||w.isPoints)&&(w.castShadow||w.receiveShadow&&P===Bs)&&(!w.frustumCulled||w.intersectsFrustum(i))){w.modelViewMatrix.multiplyMatrices(b.matrixWorldInverse,w.matrixWorld);let L=t.update(w),k=w.material;if(Array.isArray(k)){let H=L.groups;for(let q=0,it=H.length;q<it;q++){let Y=H[q],Z=k[Y.materialIndex];if(Z&&Z.visible){let nt=S(w,Z,C,P);w.onBeforeShadow(s,w,g,b,L,nt,Y),s.renderBufferDirect(b,null,L,nt,w,Y),w.onAfterShadow(s,w,g,b,L,nt,Y)}}}else if(k.visible){let H=S(w,k,C,P);w.onBeforeShadow(s,w,g,b,L,H,null),s.renderBufferDirect(b,null,L,H,w,null),w.onAfterShadow(s,w,g,b,L,H,null)}}let U=w.children;for(let L=0,k=U.length;L<k;L++)v(U[L],g,b,C,T,P)}function M(w){w.target.removeEventListener("dispose",M);for(let b in c){let C=c[b],T=w.target.uuid;T in C&&(C[T].dispose(),delete C[T])}}}function vv(s,t){function e(){let O=!1,Q=new be,$=null,dt=new be(0,0,0,0);return{setMask:function(ot){$!==ot&&!O&&(s.colorMask(ot,ot,ot,ot),$=ot)},setLocked:function(ot){O=ot},setClear:function(ot,ct,Pt,$t,rt){rt===!0&&(ot*=$t,ct*=$t,Pt*=$t),Q.set(ot,ct,Pt,$t),dt.equals(Q)===!1&&(s.clearColor(ot,ct,Pt,$t),dt.copy(Q))},reset:function(){O=!1,$=null,dt.set(-1,0,0,0)}}}function i(){let O=!1,Q=!1,$=null,dt=null,ot=null;return{setReversed:function(ct){if(Q!==ct){let Pt=t.get("EXT_clip_control");ct?Pt.clipControlEXT(Pt.LOWER_LEFT_EXT,Pt.ZERO_TO_ONE_EXT):Pt.clipControlEXT(Pt.LOWER_LEFT_EXT,Pt.NEGATIVE_ONE_TO_ONE_EXT),Q=ct;let $t=ot;ot=null,this.setClear($t)}},getReversed:function(){return Q},setTest:function(ct){ct?gt(s.DEPTH_TEST):Nt(s.DEPTH_TEST)},setMask:function(ct){$!==ct&&!O&&(s.depthMask(ct),$=ct)},setFunc:function(ct){if(Q&&(ct=lf[ct]),dt!==ct){switch(ct){case Ko:s.depthFunc(s.NEVER);break;case jo:s.depthFunc(s.ALWAYS);break;case Qo:s.depthFunc(s.LESS);break;case ws:s.depthFunc(s.LEQUAL);break;case ta:s.depthFunc(s.EQUAL);break;case ea:s.depthFunc(s.GEQUAL);break;case na:s.depthFunc(s.GREATER);break;case ia:s.depthFunc(s.NOTEQUAL);break;default:s.depthFunc(s.LEQUAL)}dt=ct}},setLocked:function(ct){O=ct},setClear:function(ct){ot!==ct&&(ot=ct,Q&&(ct=1-ct),s.clearDepth(ct))},reset:function(){O=!1,$=null,dt=null,ot=null,Q=!1}}}function n(){let O=!1,Q=null,$=null,dt=null,ot=null,ct=null,Pt=null,$t=null,rt=null;return{setTest:function(Lt){O||(Lt?gt(s.STENCIL_TEST):Nt(s.STENCIL_TEST))},setMask:function(Lt){Q!==Lt&&!O&&(s.stencilMask(Lt),Q=Lt)},setFunc:function(Lt,Xt,yt){($!==Lt||dt!==Xt||ot!==yt)&&(s.stencilFunc(Lt,Xt,yt),$=Lt,dt=Xt,ot=yt)},setOp:function(Lt,Xt,yt){(ct!==Lt||Pt!==Xt||$t!==yt)&&(s.stencilOp(Lt,Xt,yt),ct=Lt,Pt=Xt,$t=yt)},setLocked:function(Lt){O=Lt},setClear:function(Lt){rt!==Lt&&(s.clearStencil(Lt),rt=Lt)},reset:function(){O=!1,Q=null,$=null,dt=null,ot=null,ct=null,Pt=null,$t=null,rt=null}}}let r=new e,o=new i,a=new n,l={},c=new WeakMap,h={},u={},d={},f=new WeakMap,m=[],y=null,p=!1,_=null,x=null,S=null,v=null,M=null,w=null,g=null,b=new Wt(0,0,0),C=0,T=!1,P=null,I=null,U=null,L=null,k=null,H=s.getParameter(s.MAX_COMBINED_TEXTURE_IMAGE_UNITS),q=!1,it=0,Y=s.getParameter(s.VERSION);Y.indexOf("WebGL")!==-1?(it=parseFloat(/^WebGL (\d)/.exec(Y)[1]),q=it>=1):Y.indexOf("OpenGL ES")!==-1&&(it=parseFloat(/^OpenGL ES (\d)/.exec(Y)[1]),q=it>=2);let Z=null,nt={},Mt=s.getParameter(s.SCISSOR_BOX),Ft=s.getParameter(s.VIEWPORT),J=new be().fromArray(Mt),at=new be().fromArray(Ft);function bt(O,Q,$,dt){let ot=new Uint8Array(4),ct=s.createTexture();s.bindTexture(O,ct),s.texParameteri(O,s.TEXTURE_MIN_FILTER,s.NEAREST),s.texParameteri(O,s.TEXTURE_MAG_FILTER,s.NEAREST);for(let Pt=0;Pt<$;Pt++)O===s.TEXTURE_3D||O===s.TEXTURE_2D_ARRAY?s.texImage3D(Q,0,s.RGBA,1,1,dt,0,s.RGBA,s.UNSIGNED_BYTE,ot):s.texImage2D(Q+Pt,0,s.RGBA,1,1,0,s.RGBA,s.UNSIGNED_BYTE,ot);return ct}let Ct={};Ct[s.TEXTURE_2D]=bt(s.TEXTURE_2D,s.TEXTURE_2D,1),Ct[s.TEXTURE_CUBE_MAP]=bt(s.TEXTURE_CUBE_MAP,s.TEXTURE_CUBE_MAP_POSITIVE_X,6),Ct[s.TEXTURE_2D_ARRAY]=bt(s.TEXTURE_2D_ARRAY,s.TEXTURE_2D_ARRAY,1,1),Ct[s.TEXTURE_3D]=bt(s.TEXTURE_3D,s.TEXTURE_3D,1,1),r.setClear(0,0,0,1),o.setClear(1),a.setClear(0),gt(s.DEPTH_TEST),o.setFunc(ws),Ue(!1),xe(Jc),gt(s.CULL_FACE),Ie(Qi);function gt(O){h[O]!==!0&&(s.enable(O),h[O]=!0)}function Nt(O){h[O]!==!1&&(s.disable(O),h[O]=!1)}function _e(O,Q){return d[O]!==Q?(s.bindFramebuffer(O,Q),d[O]=Q,O===s.DRAW_FRAMEBUFFER&&(d[s.FRAMEBUFFER]=Q),O===s.FRAMEBUFFER&&(d[s.DRAW_FRAMEBUFFER]=Q),!0):!1}function Rt(O,Q){let $=m,dt=!1;if(O){$=f.get(Q),$===void 0&&($=[],f.set(Q,$));let ot=O.textures;if($.length!==ot.length||$[0]!==s.COLOR_ATTACHMENT0){for(let ct=0,Pt=ot.length;ct<Pt;ct++)$[ct]=s.COLOR_ATTACHMENT0+ct;$.length=ot.length,dt=!0}}else $[0]!==s.BACK&&($[0]=s.BACK,dt=!0);dt&&s.drawBuffers($)}function qt(O){return y!==O?(s.useProgram(O),y=O,!0):!1}let ae={[ts]:s.FUNC_ADD,[Rd]:s.FUNC_SUBTRACT,[Pd]:s.FUNC_REVERSE_SUBTRACT};ae[Id]=s.MIN,ae[Ld]=s.MAX;let Yt={[Dd]:s.ZERO,[Nd]:s.ONE,[Ud]:s.SRC_COLOR,[th]:s.SRC_ALPHA,[Vd]:s.SRC_ALPHA_SATURATE,[kd]:s.DST_COLOR,[Od]:s.DST_ALPHA,[Fd]:s.ONE_MINUS_SRC_COLOR,[eh]:s.ONE_MINUS_SRC_ALPHA,[zd]:s.ONE_MINUS_DST_COLOR,[Bd]:s.ONE_MINUS_DST_ALPHA,[Hd]:s.CONSTANT_COLOR,[Gd]:s.ONE_MINUS_CONSTANT_COLOR,[Wd]:s.CONSTANT_ALPHA,[qd]:s.ONE_MINUS_CONSTANT_ALPHA};function Ie(O,Q,$,dt,ot,ct,Pt,$t,rt,Lt){if(O===Qi){p===!0&&(Nt(s.BLEND),p=!1);return}if(p===!1&&(gt(s.BLEND),p=!0),O!==Cd){if(O!==_||Lt!==T){if((x!==ts||M!==ts)&&(s.blendEquation(s.FUNC_ADD),x=ts,M=ts),Lt)switch(O){case ks:s.blendFuncSeparate(s.ONE,s.ONE_MINUS_SRC_ALPHA,s.ONE,s.ONE_MINUS_SRC_ALPHA);break;case Kc:s.blendFunc(s.ONE,s.ONE);break;case jc:s.blendFuncSeparate(s.ZERO,s.ONE_MINUS_SRC_COLOR,s.ZERO,s.ONE);break;case Qc:s.blendFuncSeparate(s.DST_COLOR,s.ONE_MINUS_SRC_ALPHA,s.ZERO,s.ONE);break;default:Ot("WebGLState: Invalid blending: ",O);break}else switch(O){case ks:s.blendFuncSeparate(s.SRC_ALPHA,s.ONE_MINUS_SRC_ALPHA,s.ONE,s.ONE_MINUS_SRC_ALPHA);break;case Kc:s.blendFuncSeparate(s.SRC_ALPHA,s.ONE,s.ONE,s.ONE);break;case jc:Ot("WebGLState: SubtractiveBlending requires material.premultipliedAlpha = true");break;case Qc:Ot("WebGLState: MultiplyBlending requires material.premultipliedAlpha = true");break;default:Ot("WebGLState: Invalid blending: ",O);break}S=null,v=null,w=null,g=null,b.set(0,0,0),C=0,_=O,T=Lt}return}ot=ot||Q,ct=ct||$,Pt=Pt||dt,(Q!==x||ot!==M)&&(s.blendEquationSeparate(ae[Q],ae[ot]),x=Q,M=ot),($!==S||dt!==v||ct!==w||Pt!==g)&&(s.blendFuncSeparate(Yt[$],Yt[dt],Yt[ct],Yt[Pt]),S=$,v=dt,w=ct,g=Pt),($t.equals(b)===!1||rt!==C)&&(s.blendColor($t.r,$t.g,$t.b,rt),b.copy($t),C=rt),_=O,T=!1}function Ae(O,Q){O.side===fn?Nt(s.CULL_FACE):gt(s.CULL_FACE);let $=O.side===$e;Q&&($=!$),Ue($),O.blending===ks&&O.transparent===!1?Ie(Qi):Ie(O.blending,O.blendEquation,O.blendSrc,O.blendDst,O.blendEquationAlpha,O.blendSrcAlpha,O.blendDstAlpha,O.blendColor,O.blendAlpha,O.premultipliedAlpha),o.setFunc(O.depthFunc),o.setTest(O.depthTest),o.setMask(O.depthWrite),r.setMask(O.colorWrite);let dt=O.stencilWrite;a.setTest(dt),dt&&(a.setMask(O.stencilWriteMask),a.setFunc(O.stencilFunc,O.stencilRef,O.stencilFuncMask),a.setOp(O.stencilFail,O.stencilZFail,O.stencilZPass)),z(O.polygonOffset,O.polygonOffsetFactor,O.polygonOffsetUnits),O.alphaToCoverage===!0?gt(s.SAMPLE_ALPHA_TO_COVERAGE):Nt(s.SAMPLE_ALPHA_TO_COVERAGE)}function Ue(O){P!==O&&(O?s.frontFace(s.CW):s.frontFace(s.CCW),P=O)}function xe(O){O!==Td?(gt(s.CULL_FACE),O!==I&&(O===Jc?s.cullFace(s.BACK):O===Ed?s.cullFace(s.FRONT):s.cullFace(s.FRONT_AND_BACK))):Nt(s.CULL_FACE),I=O}function N(O){O!==U&&(q&&s.lineWidth(O),U=O)}function z(O,Q,$){O?(gt(s.POLYGON_OFFSET_FILL),(L!==Q||k!==$)&&(L=Q,k=$,o.getReversed()&&(Q=-Q,$=-$),s.polygonOffset(Q,$))):Nt(s.POLYGON_OFFSET_FILL)}function tt(O){O?gt(s.SCISSOR_TEST):Nt(s.SCISSOR_TEST)}function xt(O){O===void 0&&(O=s.TEXTURE0+H-1),Z!==O&&(s.activeTexture(O),Z=O)}function Bt(O,Q,$){$===void 0&&(Z===null?$=s.TEXTURE0+H-1:$=Z);let dt=nt[$];dt===void 0&&(dt={type:void 0,texture:void 0},nt[$]=dt),(dt.type!==O||dt.texture!==Q)&&(Z!==$&&(s.activeTexture($),Z=$),s.bindTexture(O,Q||Ct[O]),dt.type=O,dt.texture=Q)}function F(){let O=nt[Z];O!==void 0&&O.type!==void 0&&(s.bindTexture(O.type,null),O.type=void 0,O.texture=void 0)}function ve(){try{s.compressedTexImage2D(...arguments)}catch(O){Ot("WebGLState:",O)}}function le(){try{s.compressedTexImage3D(...arguments)}catch(O){Ot("WebGLState:",O)}}function de(){try{s.texSubImage2D(...arguments)}catch(O){Ot("WebGLState:",O)}}function _t(){try{s.texSubImage3D(...arguments)}catch(O){Ot("WebGLState:",O)}}function Fe(){try{s.compressedTexSubImage2D(...arguments)}catch(O){Ot("WebGLState:",O)}}function Ut(){try{s.compressedTexSubImage3D(...arguments)}catch(O){Ot("WebGLState:",O)}}function Ht(){try{s.texStorage2D(...arguments)}catch(O){Ot("WebGLState:",O)}}function D(){try{s.texStorage3D(...arguments)}catch(O){Ot("WebGLState:",O)}}function E(){try{s.texImage2D(...arguments)}catch(O){Ot("WebGLState:",O)}}function G(){try{s.texImage3D(...arguments)}catch(O){Ot("WebGLState:",O)}}function st(O){return u[O]!==void 0?u[O]:s.getParameter(O)}function et(O,Q){u[O]!==Q&&(s.pixelStorei(O,Q),u[O]=Q)}function lt(O){J.equals(O)===!1&&(s.scissor(O.x,O.y,O.z,O.w),J.copy(O))}function pt(O){at.equals(O)===!1&&(s.viewport(O.x,O.y,O.z,O.w),at.copy(O))}function K(O,Q){let $=c.get(Q);$===void 0&&($=new WeakMap,c.set(Q,$));let dt=$.get(O);dt===void 0&&(dt=s.getUniformBlockIndex(Q,O.name),s.uniformBlockBinding(Q,dt,dt),$.set(O,dt))}function j(O,Q,$){let ot=c.get(Q).get(O);l[ot]!==$&&(s.bindBufferBase(s.UNIFORM_BUFFER,ot,$),l[ot]=$)}function ut(){s.disable(s.BLEND),s.disable(s.CULL_FACE),s.disable(s.DEPTH_TEST),s.disable(s.POLYGON_OFFSET_FILL),s.disable(s.SCISSOR_TEST),s.disable(s.STENCIL_TEST),s.disable(s.SAMPLE_ALPHA_TO_COVERAGE),s.blendEquation(s.FUNC_ADD),s.blendFunc(s.ONE,s.ZERO),s.blendFuncSeparate(s.ONE,s.ZERO,s.ONE,s.ZERO),s.blendColor(0,0,0,0),s.colorMask(!0,!0,!0,!0),s.clearColor(0,0,0,0),s.depthMask(!0),s.depthFunc(s.LESS),o.setReversed(!1),s.clearDepth(1),s.stencilMask(4294967295),s.stencilFunc(s.ALWAYS,0,4294967295),s.stencilOp(s.KEEP,s.KEEP,s.KEEP),s.clearStencil(0),s.cullFace(s.BACK),s.frontFace(s.CCW),s.polygonOffset(0,0),s.activeTexture(s.TEXTURE0),s.bindFramebuffer(s.FRAMEBUFFER,null),s.bindFramebuffer(s.DRAW_FRAMEBUFFER,null),s.bindFramebuffer(s.READ_FRAMEBUFFER,null),s.useProgram(null),s.lineWidth(1),s.scissor(0,0,s.canvas.width,s.canvas.height),s.viewport(0,0,s.canvas.width,s.canvas.height),s.pixelStorei(s.PACK_ALIGNMENT,4),s.pixelStorei(s.UNPACK_ALIGNMENT,4),s.pixelStorei(s.UNPACK_FLIP_Y_WEBGL,!1),s.pixelStorei(s.UNPACK_PREMULTIPLY_ALPHA_WEBGL,!1),s.pixelStorei(s.UNPACK_COLORSPACE_CONVERSION_WEBGL,s.BROWSER_DEFAULT_WEBGL),s.pixelStorei(s.PACK_ROW_LENGTH,0),s.pixelStorei(s.PACK_SKIP_PIXELS,0),s.pixelStorei(s.PACK_SKIP_ROWS,0),s.pixelStorei(s.UNPACK_ROW_LENGTH,0),s.pixelStorei(s.UNPACK_IMAGE_HEIGHT,0),s.pixelStorei(s.UNPACK_SKIP_PIXELS,0),s.pixelStorei(s.UNPACK_SKIP_ROWS,0),s.pixelStorei(s.UNPACK_SKIP_IMAGES,0),h={},u={},Z=null,nt={},d={},l={},f=new WeakMap,m=[],y=null,p=!1,_=null,x=null,S=null,v=null,M=null,w=null,g=null,b=new Wt(0,0,0),C=0,T=!1,P=null,I=null,U=null,L=null,k=null,J.set(0,0,s.canvas.width,s.canvas.height),at.set(0,0,s.canvas.width,s.canvas.height),r.reset(),o.reset(),a.reset()}return{buffers:{color:r,depth:o,stencil:a},enable:gt,disable:Nt,bindFramebuffer:_e,drawBuffers:Rt,useProgram:qt,setBlending:Ie,setMaterial:Ae,setFlipSided:Ue,setCullFace:xe,setLineWidth:N,setPolygonOffset:z,setScissorTest:tt,activeTexture:xt,bindTexture:Bt,unbindTexture:F,compressedTexImage2D:ve,compressedTexImage3D:le,texImage2D:E,texImage3D:G,pixelStorei:et,getParameter:st,updateUBOMapping:K,uniformBlockBinding:j,texStorage2D:Ht,texStorage3D:D,texSubImage2D:de,texSubImage3D:_t,compressedTexSubImage2D:Fe,compressedTexSubImage3D:Ut,scissor:lt,viewport:pt,reset:ut}}function Sv(s,t,e,i,n,r,o){let a=t.has("WEBGL_multisampled_render_to_texture")?t.get("WEBGL_multisampled_render_to_texture"):null,l=typeof navigator>"u"?!1:/OculusBrowser/g.test(navigator.userAgent),c=new ht,h=new WeakMap,u=new Set,d,f=new WeakMap,m=new Set,y=new FinalizationRegistry(D=>m.delete(D)),p=!1;try{p=typeof OffscreenCanvas<"u"&&new OffscreenCanvas(1,1).getContext("2d")!==null}catch{}function _(D,E){return p?new OffscreenCanvas(D,E):wr("canvas")}function x(D,E,G){let st=1,et=Ht(D);if((et.width>G||et.height>G)&&(st=G/Math.max(et.width,et.height)),st<1)if(typeof HTMLImageElement<"u"&&D instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&D instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&D instanceof ImageBitmap||typeof VideoFrame<"u"&&D instanceof VideoFrame){let lt=Math.floor(st*et.width),pt=Math.floor(st*et.height);d===void 0&&(d=_(lt,pt));let K=E?_(lt,pt):d;return K.width=lt,K.height=pt,K.getContext("2d").drawImage(D,0,0,lt,pt),Dt("WebGLRenderer: Texture has been resized from ("+et.width+"x"+et.height+") to ("+lt+"x"+pt+")."),K}else return"data"in D&&Dt("WebGLRenderer: Image in DataTexture is too big ("+et.width+"x"+et.height+")."),D;return D}function S(D){return D.generateMipmaps}function v(D){s.generateMipmap(D)}function M(D){return D.isWebGLCubeRenderTarget?s.TEXTURE_CUBE_MAP:D.isWebGL3DRenderTarget?s.TEXTURE_3D:D.isWebGLArrayRenderTarget||D.isCompressedArrayTexture?s.TEXTURE_2D_ARRAY:s.TEXTURE_2D}function w(D,E,G,st,et,lt=!1){if(D!==null){if(s[D]!==void 0)return s[D];Dt("WebGLRenderer: Attempt to use non-existing WebGL internal format '"+D+"'")}let pt;st&&(pt=t.get("EXT_texture_norm16"),pt||Dt("WebGLRenderer: Unable to use normalized textures without EXT_texture_norm16 extension"));let K=E;if(E===s.RED&&(G===s.FLOAT&&(K=s.R32F),G===s.HALF_FLOAT&&(K=s.R16F),G===s.UNSIGNED_BYTE&&(K=s.R8),G===s.UNSIGNED_SHORT&&pt&&(K=pt.R16_EXT),G===s.SHORT&&pt&&(K=pt.R16_SNORM_EXT)),E===s.RED_INTEGER&&(G===s.UNSIGNED_BYTE&&(K=s.R8UI),G===s.UNSIGNED_SHORT&&(K=s.R16UI),G===s.UNSIGNED_INT&&(K=s.R32UI),G===s.BYTE&&(K=s.R8I),G===s.SHORT&&(K=s.R16I),G===s.INT&&(K=s.R32I)),E===s.RG&&(G===s.FLOAT&&(K=s.RG32F),G===s.HALF_FLOAT&&(K=s.RG16F),G===s.UNSIGNED_BYTE&&(K=s.RG8),G===s.UNSIGNED_SHORT&&pt&&(K=pt.RG16_EXT),G===s.SHORT&&pt&&(K=pt.RG16_SNORM_EXT)),E===s.RG_INTEGER&&(G===s.UNSIGNED_BYTE&&(K=s.RG8UI),G===s.UNSIGNED_SHORT&&(K=s.RG16UI),G===s.UNSIGNED_INT&&(K=s.RG32UI),G===s.BYTE&&(K=s.RG8I),G===s.SHORT&&(K=s.RG16I),G===s.INT&&(K=s.RG32I)),E===s.RGB_INTEGER&&(G===s.UNSIGNED_BYTE&&(K=s.RGB8UI),G===s.UNSIGNED_SHORT&&(K=s.RGB16UI),G===s.UNSIGNED_INT&&(K=s.RGB32UI),G===s.BYTE&&(K=s.RGB8I),G===s.SHORT&&(K=s.RGB16I),G===s.INT&&(K=s.RGB32I)),E===s.RGBA_INTEGER&&(G===s.UNSIGNED_BYTE&&(K=s.RGBA8UI),G===s.UNSIGNED_SHORT&&(K=s.RGBA16UI),G===s.UNSIGNED_INT&&(K=s.RGBA32UI),G===s.BYTE&&(K=s.RGBA8I),G===s.SHORT&&(K=s.RGBA16I),G===s.INT&&(K=s.RGBA32I)),E===s.RGB&&(G===s.UNSIGNED_SHORT&&pt&&(K=pt.RGB16_EXT),G===s.SHORT&&pt&&(K=pt.RGB16_SNORM_EXT),G===s.UNSIGNED_INT_5_9_9_9_REV&&(K=s.RGB9_E5),G===s.UNSIGNED_INT_10F_11F_11F_REV&&(K=s.R11F_G11F_B10F)),E===s.RGBA){let j=lt?Mr:Jt.getTransfer(et);G===s.FLOAT&&(K=s.RGBA32F),G===s.HALF_FLOAT&&(K=s.RGBA16F),G===s.UNSIGNED_BYTE&&(K=j===ce?s.SRGB8_ALPHA8:s.RGBA8),G===s.UNSIGNED_SHORT&&pt&&(K=pt.RGBA16_EXT),G===s.SHORT&&pt&&(K=pt.RGBA16_SNORM_EXT),G===s.UNSIGNED_SHORT_4_4_4_4&&(K=s.RGBA4),G===s.UNSIGNED_SHORT_5_5_5_1&&(K=s.RGB5_A1)}return(K===s.R16F||K===s.R32F||K===s.RG16F||K===s.RG32F||K===s.RGBA16F||K===s.RGBA32F)&&t.get("EXT_color_buffer_float"),K}function g(D,E){let G;return D?E===null||E===Nn||E===ns?G=s.DEPTH24_STENCIL8:E===Mn?G=s.DEPTH32F_STENCIL8:E===Vs&&(G=s.DEPTH24_STENCIL8,Dt("DepthTexture: 16 bit depth attachment is not supported with stencil. Using 24-bit attachment.")):E===null||E===Nn||E===ns?G=s.DEPTH_COMPONENT24:E===Mn?G=s.DEPTH_COMPONENT32F:E===Vs&&(G=s.DEPTH_COMPONENT16),G}function b(D,E){return S(D)===!0||D.isFramebufferTexture&&D.minFilter!==Ge&&D.minFilter!==un?Math.log2(Math.max(E.width,E.height))+1:D.mipmaps.length>0?D.mipmaps.length:D.isCompressedTexture&&Array.isArray(D.image)?E.mipmaps.length:1}function C(D){let E=new WeakRef(D);i.get(D).__ref=E,m.add(E),y.register(D,E,E)}function T(D){let E=i.get(D).__ref;E!==void 0&&(m.delete(E),y.unregister(E))}function P(D){U(D.target)}function I(D){L(D.target)}function U(D){D.removeEventListener("dispose",P),T(D),H(D),D.isVideoTexture&&h.delete(D),D.isHTMLTexture&&u.delete(D)}function L(D){D.removeEventListener("dispose",I),T(D),it(D)}function k(){for(let D of m){let E=D.deref();E!==void 0&&(E.isRenderTarget===!0?L(E):U(E))}m.clear(),u.clear()}function H(D){let E=i.get(D);if(E.__webglInit===void 0)return;let G=D.source,st=f.get(G);if(st){let et=st[E.__cacheKey];et.usedTimes--,et.usedTimes===0&&q(D),Object.keys(st).length===0&&f.delete(G)}i.remove(D)}function q(D){let E=i.get(D);s.deleteTexture(E.__webglTexture);let G=D.source,st=f.get(G);delete st[E.__cacheKey],o.memory.textures--}function it(D){let E=i.get(D);E.__depthDisposeCallback&&E.__depthDisposeCallback();let G=D.depthTexture;if(G&&G.renderTarget===D&&U(G),D.isWebGLCubeRenderTarget)for(let et=0;et<6;et++){if(Array.isArray(E.__webglFramebuffer[et]))for(let lt=0;lt<E.__webglFramebuffer[et].length;lt++)s.deleteFramebuffer(E.__webglFramebuffer[et][lt]);else s.deleteFramebuffer(E.__webglFramebuffer[et]);E.__webglDepthbuffer&&s.deleteRenderbuffer(E.__webglDepthbuffer[et])}else{if(Array.isArray(E.__webglFramebuffer))for(let et=0;et<E.__webglFramebuffer.length;et++)s.deleteFramebuffer(E.__webglFramebuffer[et]);else s.deleteFramebuffer(E.__webglFramebuffer);if(E.__webglDepthbuffer&&s.deleteRenderbuffer(E.__webglDepthbuffer),E.__webglMultisampledFramebuffer&&s.deleteFramebuffer(E.__webglMultisampledFramebuffer),E.__webglColorRenderbuffer)for(let et=0;et<E.__webglColorRenderbuffer.length;et++)E.__webglColorRenderbuffer[et]&&s.deleteRenderbuffer(E.__webglColorRenderbuffer[et]);E.__webglDepthRenderbuffer&&s.deleteRenderbuffer(E.__webglDepthRenderbuffer)}let st=D.textures;for(let et=0,lt=st.length;et<lt;et++){let pt=i.get(st[et]);pt.__webglTexture&&(s.deleteTexture(pt.__webglTexture),o.memory.textures--),i.remove(st[et])}i.remove(D)}let Y=0;function Z(){Y=0}function nt(){return Y}function Mt(D){Y=D}function Ft(){let D=Y;return D>=n.maxTextures&&Dt("WebGLTextures: Trying to use "+(D+1)+" texture units while this GPU supports only "+n.maxTextures),Y+=1,D}function J(D){let E=[];return E.push(D.wrapS),E.push(D.wrapT),E.push(D.wrapR||0),E.push(D.magFilter),E.push(D.minFilter),E.push(D.anisotropy),E.push(D.internalFormat),E.push(D.format),E.push(D.type),E.push(D.generateMipmaps),E.push(D.mipmapsAutoUpdate),E.push(D.premultiplyAlpha),E.push(D.flipY),E.push(D.unpackAlignment),E.push(D.colorSpace),E.join()}function at(D,E){let G=i.get(D);if(D.isVideoTexture&&Fe(D),D.isRenderTargetTexture===!1&&D.isExternalTexture!==!0&&D.version>0&&G.__version!==D.version){let st=D.image;if(st===null)Dt("WebGLRenderer: Texture marked for update but no image data found.");else if(st.complete===!1)Dt("WebGLRenderer: Texture marked for update but image is incomplete");else{Ae(G,D,E);return}}else D.isExternalTexture&&(G.__webglTexture=D.sourceTexture?D.sourceTexture:null);e.bindTexture(s.TEXTURE_2D,G.__webglTexture,s.TEXTURE0+E)}function bt(D,E){let G=i.get(D);if(D.isRenderTargetTexture===!1&&D.version>0&&G.__version!==D.version){Ae(G,D,E);return}else D.isExternalTexture&&(G.__webglTexture=D.sourceTexture?D.sourceTexture:null);e.bindTexture(s.TEXTURE_2D_ARRAY,G.__webglTexture,s.TEXTURE0+E)}function Ct(D,E){let G=i.get(D);if(D.isRenderTargetTexture===!1&&D.version>0&&G.__version!==D.version){Ae(G,D,E);return}e.bindTexture(s.TEXTURE_3D,G.__webglTexture,s.TEXTURE0+E)}function gt(D,E){let G=i.get(D);if(D.version>0&&G.__version!==D.version){Ue(G,D,E);return}e.bindTexture(s.TEXTURE_CUBE_MAP,G.__webglTexture,s.TEXTURE0+E)}let Nt={[sa]:s.REPEAT,[$n]:s.CLAMP_TO_EDGE,[ra]:s.MIRRORED_REPEAT},_e={[Ge]:s.NEAREST,[$d]:s.NEAREST_MIPMAP_NEAREST,[$r]:s.NEAREST_MIPMAP_LINEAR,[un]:s.LINEAR,[Ba]:s.LINEAR_MIPMAP_NEAREST,[pi]:s.LINEAR_MIPMAP_LINEAR},Rt={[jd]:s.NEVER,[yh]:s.ALWAYS,[Qd]:s.LESS,[_h]:s.LEQUAL,[tf]:s.EQUAL,[xh]:s.GEQUAL,[ef]:s.GREATER,[nf]:s.NOTEQUAL};function qt(D,E){if(E.type===Mn&&t.has("OES_texture_float_linear")===!1&&(E.magFilter===un||E.magFilter===Ba||E.magFilter===$r||E.magFilter===pi||E.minFilter===un||E.minFilter===Ba||E.minFilter===$r||E.minFilter===pi)&&Dt("WebGLRenderer: Unable to use linear filtering with floating point textures. OES_texture_float_linear not supported on this device."),s.texParameteri(D,s.TEXTURE_WRAP_S,Nt[E.wrapS]),s.texParameteri(D,s.TEXTURE_WRAP_T,Nt[E.wrapT]),(D===s.TEXTURE_3D||D===s.TEXTURE_2D_ARRAY)&&s.texParameteri(D,s.TEXTURE_WRAP_R,Nt[E.wrapR]),s.texParameteri(D,s.TEXTURE_MAG_FILTER,_e[E.magFilter]),s.texParameteri(D,s.TEXTURE_MIN_FILTER,_e[E.minFilter]),E.compareFunction&&(s.texParameteri(D,s.TEXTURE_COMPARE_MODE,s.COMPARE_REF_TO_TEXTURE),s.texParameteri(D,s.TEXTURE_COMPARE_FUNC,Rt[E.compareFunction])),t.has("EXT_texture_filter_anisotropic")===!0){if(E.magFilter===Ge||E.minFilter!==$r&&E.minFilter!==pi||E.type===Mn&&t.has("OES_texture_float_linear")===!1)return;if(E.anisotropy>1||i.get(E).__currentAnisotropy){let G=t.get("EXT_texture_filter_anisotropic");s.texParameterf(D,G.TEXTURE_MAX_ANISOTROPY_EXT,Math.min(E.anisotropy,n.getMaxAnisotropy())),i.get(E).__currentAnisotropy=E.anisotropy}}}function ae(D,E){let G=!1;D.__webglInit===void 0&&(D.__webglInit=!0,E.addEventListener("dispose",P),C(E));let st=E.source,et=f.get(st);et===void 0&&(et={},f.set(st,et));let lt=J(E);if(lt!==D.__cacheKey){et[lt]===void 0&&(et[lt]={texture:s.createTexture(),usedTimes:0},o.memory.textures++,G=!0),et[lt].usedTimes++;let pt=et[D.__cacheKey];pt!==void 0&&(et[D.__cacheKey].usedTimes--,pt.usedTimes===0&&q(E)),D.__cacheKey=lt,D.__webglTexture=et[lt].texture}return G}function Yt(D,E,G){return Math.floor(Math.floor(D/G)/E)}function Ie(D,E,G,st){let lt=D.updateRanges;if(lt.length===0)e.texSubImage2D(s.TEXTURE_2D,0,0,0,E.width,E.height,G,st,E.data);else{lt.sort((O,Q)=>O.start-Q.start);let pt=0;for(let O=1;O<lt.length;O++){let Q=lt[pt],$=lt[O],dt=Q.start+Q.count,ot=Yt($.start,E.width,4),ct=Yt(Q.start,E.width,4);$.start<=dt+1&&ot===ct&&Yt($.start+$.count-1,E.width,4)===ot?Q.count=Math.max(Q.count,$.start+$.count-Q.start):(++pt,lt[pt]=$)}lt.length=pt+1;let K=e.getParameter(s.UNPACK_ROW_LENGTH),j=e.getParameter(s.UNPACK_SKIP_PIXELS),ut=e.getParameter(s.UNPACK_SKIP_ROWS);e.pixelStorei(s.UNPACK_ROW_LENGTH,E.width);for(let O=0,Q=lt.length;O<Q;O++){let $=lt[O],dt=Math.floor($.start/4),ot=Math.ceil($.count/4),ct=dt%E.width,Pt=Math.floor(dt/E.width),$t=ot,rt=1;e.pixelStorei(s.UNPACK_SKIP_PIXELS,ct),e.pixelStorei(s.UNPACK_SKIP_ROWS,Pt),e.texSubImage2D(s.TEXTURE_2D,0,ct,Pt,$t,rt,G,st,E.data)}D.clearUpdateRanges(),e.pixelStorei(s.UNPACK_ROW_LENGTH,K),e.pixelStorei(s.UNPACK_SKIP_PIXELS,j),e.pixelStorei(s.UNPACK_SKIP_ROWS,ut)}}function Ae(D,E,G){let st=s.TEXTURE_2D;(E.isDataArrayTexture||E.isCompressedArrayTexture)&&(st=s.TEXTURE_2D_ARRAY),E.isData3DTexture&&(st=s.TEXTURE_3D);let et=ae(D,E),lt=E.source;e.bindTexture(st,D.__webglTexture,s.TEXTURE0+G);let pt=i.get(lt);if(lt.version!==pt.__version||et===!0){if(e.activeTexture(s.TEXTURE0+G),(typeof ImageBitmap<"u"&&E.image instanceof ImageBitmap)===!1){let rt=Jt.getPrimaries(Jt.workingColorSpace),Lt=E.colorSpace===gi?null:Jt.getPrimaries(E.colorSpace),Xt=E.colorSpace===gi||rt===Lt?s.NONE:s.BROWSER_DEFAULT_WEBGL;e.pixelStorei(s.UNPACK_FLIP_Y_WEBGL,E.flipY),e.pixelStorei(s.UNPACK_PREMULTIPLY_ALPHA_WEBGL,E.premultiplyAlpha),e.pixelStorei(s.UNPACK_COLORSPACE_CONVERSION_WEBGL,Xt)}e.pixelStorei(s.UNPACK_ALIGNMENT,E.unpackAlignment);let j=x(E.image,!1,n.maxTextureSize);j=Ut(E,j);let ut=r.convert(E.format,E.colorSpace),O=r.convert(E.type),Q=w(E.internalFormat,ut,O,E.normalized,E.colorSpace,E.isVideoTexture);qt(st,E);let $,dt=E.mipmaps,ot=E.isVideoTexture!==!0,ct=pt.__version===void 0||et===!0,Pt=lt.dataReady,$t=b(E,j);if(E.isDepthTexture)Q=g(E.format===mi,E.type),ct&&(ot?e.texStorage2D(s.TEXTURE_2D,1,Q,j.width,j.height):e.texImage2D(s.TEXTURE_2D,0,Q,j.width,j.height,0,ut,O,null));else if(E.isDataTexture)if(dt.length>0){ot&&ct&&e.texStorage2D(s.TEXTURE_2D,$t,Q,dt[0].width,dt[0].height);for(let rt=0,Lt=dt.length;rt<Lt;rt++)$=dt[rt],ot?Pt&&e.texSubImage2D(s.TEXTURE_2D,rt,0,0,$.width,$.height,ut,O,$.data):e.texImage2D(s.TEXTURE_2D,rt,Q,$.width,$.height,0,ut,O,$.data);E.generateMipmaps=!1}else ot?(ct&&e.texStorage2D(s.TEXTURE_2D,$t,Q,j.width,j.height),Pt&&Ie(E,j,ut,O)):e.texImage2D(s.TEXTURE_2D,0,Q,j.width,j.height,0,ut,O,j.data);else if(E.isCompressedTexture)if(E.isCompressedArrayTexture){ot&&ct&&e.texStorage3D(s.TEXTURE_2D_ARRAY,$t,Q,dt[0].width,dt[0].height,j.depth);for(let rt=0,Lt=dt.length;rt<Lt;rt++)if($=dt[rt],E.format!==wn)if(ut!==null)if(ot){if(Pt)if(E.layerUpdates.size>0){let Xt=Ph($.width,$.height,E.format,E.type);for(let yt of E.layerUpdates){let ue=$.data.subarray(yt*Xt/$.data.BYTES_PER_ELEMENT,(yt+1)*Xt/$.data.BYTES_PER_ELEMENT);e.compressedTexSubImage3D(s.TEXTURE_2D_ARRAY,rt,0,0,yt,$.width,$.height,1,ut,ue)}}else e.compressedTexSubImage3D(s.TEXTURE_2D_ARRAY,rt,0,0,0,$.width,$.height,j.depth,ut,$.data)}else e.compressedTexImage3D(s.TEXTURE_2D_ARRAY,rt,Q,$.width,$.height,j.depth,0,$.data,0,0);else Dt("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()");else ot?Pt&&e.texSubImage3D(s.TEXTURE_2D_ARRAY,rt,0,0,0,$.width,$.height,j.depth,ut,O,$.data):e.texImage3D(s.TEXTURE_2D_ARRAY,rt,Q,$.width,$.height,j.depth,0,ut,O,$.data);E.layerUpdates.size>0&&E.clearLayerUpdates()}else{ot&&ct&&e.texStorage2D(s.TEXTURE_2D,$t,Q,dt[0].width,dt[0].height);for(let rt=0,Lt=dt.length;rt<Lt;rt++)$=dt[rt],E.format!==wn?ut!==null?ot?Pt&&e.compressedTexSubImage2D(s.TEXTURE_2D,rt,0,0,$.width,$.height,ut,$.data):e.compressedTexImage2D(s.TEXTURE_2D,rt,Q,$.width,$.height,0,$.data):Dt("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()"):ot?Pt&&e.texSubImage2D(s.TEXTURE_2D,rt,0,0,$.width,$.height,ut,O,$.data):e.texImage2D(s.TEXTURE_2D,rt,Q,$.width,$.height,0,ut,O,$.data)}else if(E.isDataArrayTexture)if(ot){if(ct&&e.texStorage3D(s.TEXTURE_2D_ARRAY,$t,Q,j.width,j.height,j.depth),Pt)if(E.layerUpdates.size>0){let rt=Ph(j.width,j.height,E.format,E.type);for(let Lt of E.layerUpdates){let Xt=j.data.subarray(Lt*rt/j.data.BYTES_PER_ELEMENT,(Lt+1)*rt/j.data.BYTES_PER_ELEMENT);e.texSubImage3D(s.TEXTURE_2D_ARRAY,0,0,0,Lt,j.width,j.height,1,ut,O,Xt)}E.clearLayerUpdates()}else e.texSubImage3D(s.TEXTURE_2D_ARRAY,0,0,0,0,j.width,j.height,j.depth,ut,O,j.data)}else e.texImage3D(s.TEXTURE_2D_ARRAY,0,Q,j.width,j.height,j.depth,0,ut,O,j.data);else if(E.isData3DTexture)ot?(ct&&e.texStorage3D(s.TEXTURE_3D,$t,Q,j.width,j.height,j.depth),Pt&&e.texSubImage3D(s.TEXTURE_3D,0,0,0,0,j.width,j.height,j.depth,ut,O,j.data)):e.texImage3D(s.TEXTURE_3D,0,Q,j.width,j.height,j.depth,0,ut,O,j.data);else if(E.isFramebufferTexture){if(ct)if(ot)e.texStorage2D(s.TEXTURE_2D,$t,Q,j.width,j.height);else{let rt=j.width,Lt=j.height;for(let Xt=0;Xt<$t;Xt++)e.texImage2D(s.TEXTURE_2D,Xt,Q,rt,Lt,0,ut,O,null),rt>>=1,Lt>>=1}}else if(E.isHTMLTexture){if("texElementImage2D"in s){let rt=s.canvas;if(rt.hasAttribute("layoutsubtree")||rt.setAttribute("layoutsubtree","true"),j.parentNode!==rt){rt.appendChild(j),u.add(E),rt.onpaint=Lt=>{let Xt=Lt.changedElements;for(let yt of u)Xt.includes(yt.image)&&(yt.needsUpdate=!0)},rt.requestPaint();return}if(s.texElementImage2D.length===3)s.texElementImage2D(s.TEXTURE_2D,s.RGBA8,j);else{let Xt=s.RGBA,yt=s.RGBA,ue=s.UNSIGNED_BYTE;s.texElementImage2D(s.TEXTURE_2D,0,Xt,yt,ue,j)}s.texParameteri(s.TEXTURE_2D,s.TEXTURE_MIN_FILTER,s.LINEAR),s.texParameteri(s.TEXTURE_2D,s.TEXTURE_WRAP_S,s.CLAMP_TO_EDGE),s.texParameteri(s.TEXTURE_2D,s.TEXTURE_WRAP_T,s.CLAMP_TO_EDGE)}}else if(dt.length>0){if(ot&&ct){let rt=Ht(dt[0]);e.texStorage2D(s.TEXTURE_2D,$t,Q,rt.width,rt.height)}for(let rt=0,Lt=dt.length;rt<Lt;rt++)$=dt[rt],ot?Pt&&e.texSubImage2D(s.TEXTURE_2D,rt,0,0,ut,O,$):e.texImage2D(s.TEXTURE_2D,rt,Q,ut,O,$);E.generateMipmaps=!1}else if(ot){if(ct){let rt=Ht(j);e.texStorage2D(s.TEXTURE_2D,$t,Q,rt.width,rt.height)}Pt&&e.texSubImage2D(s.TEXTURE_2D,0,0,0,ut,O,j)}else e.texImage2D(s.TEXTURE_2D,0,Q,ut,O,j);S(E)&&E.mipmapsAutoUpdate===!0&&v(st),pt.__version=lt.version,E.onUpdate&&E.onUpdate(E)}D.__version=E.version}function Ue(D,E,G){if(E.image.length!==6)return;let st=ae(D,E),et=E.source;e.bindTexture(s.TEXTURE_CUBE_MAP,D.__webglTexture,s.TEXTURE0+G);let lt=i.get(et);if(et.version!==lt.__version||st===!0){e.activeTexture(s.TEXTURE0+G);let pt=Jt.getPrimaries(Jt.workingColorSpace),K=E.colorSpace===gi?null:Jt.getPrimaries(E.colorSpace),j=E.colorSpace===gi||pt===K?s.NONE:s.BROWSER_DEFAULT_WEBGL;e.pixelStorei(s.UNPACK_FLIP_Y_WEBGL,E.flipY),e.pixelStorei(s.UNPACK_PREMULTIPLY_ALPHA_WEBGL,E.premultiplyAlpha),e.pixelStorei(s.UNPACK_ALIGNMENT,E.unpackAlignment),e.pixelStorei(s.UNPACK_COLORSPACE_CONVERSION_WEBGL,j);let ut=E.isCompressedTexture||E.image[0].isCompressedTexture,O=E.image[0]&&E.image[0].isDataTexture,Q=[];for(let yt=0;yt<6;yt++)!ut&&!O?Q[yt]=x(E.image[yt],!0,n.maxCubemapSize):Q[yt]=O?E.image[yt].image:E.image[yt],Q[yt]=Ut(E,Q[yt]);let $=Q[0],dt=r.convert(E.format,E.colorSpace),ot=r.convert(E.type),ct=w(E.internalFormat,dt,ot,E.normalized,E.colorSpace),Pt=E.isVideoTexture!==!0,$t=lt.__version===void 0||st===!0,rt=et.dataReady,Lt=b(E,$);qt(s.TEXTURE_CUBE_MAP,E);let Xt;if(E.isDepthTexture){if(ct=g(E.format===mi,E.type),$t)if(Pt)e.texStorage2D(s.TEXTURE_CUBE_MAP,1,ct,$.width,$.height);else for(let yt=0;yt<6;yt++)e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,0,ct,$.width,$.height,0,dt,ot,null)}else if(ut){Pt&&$t&&e.texStorage2D(s.TEXTURE_CUBE_MAP,Lt,ct,$.width,$.height);for(let yt=0;yt<6;yt++){Xt=Q[yt].mipmaps;for(let ue=0;ue<Xt.length;ue++){let ze=Xt[ue];E.format!==wn?dt!==null?Pt?rt&&e.compressedTexSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue,0,0,ze.width,ze.height,dt,ze.data):e.compressedTexImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue,ct,ze.width,ze.height,0,ze.data):Dt("WebGLRenderer: Attempt to load unsupported compressed texture format in .setTextureCube()"):Pt?rt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue,0,0,ze.width,ze.height,dt,ot,ze.data):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue,ct,ze.width,ze.height,0,dt,ot,ze.data)}}}else{if(Xt=E.mipmaps,Pt&&$t){Xt.length>0&&Lt++;let yt=Ht(Q[0]);e.texStorage2D(s.TEXTURE_CUBE_MAP,Lt,ct,yt.width,yt.height)}for(let yt=0;yt<6;yt++)if(O){Pt?rt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,0,0,0,Q[yt].width,Q[yt].height,dt,ot,Q[yt].data):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,0,ct,Q[yt].width,Q[yt].height,0,dt,ot,Q[yt].data);for(let ue=0;ue<Xt.length;ue++){let yi=Xt[ue].image[yt].image;Pt?rt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue+1,0,0,yi.width,yi.height,dt,ot,yi.data):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue+1,ct,yi.width,yi.height,0,dt,ot,yi.data)}}else{Pt?rt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,0,0,0,dt,ot,Q[yt]):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,0,ct,dt,ot,Q[yt]);for(let ue=0;ue<Xt.length;ue++){let ze=Xt[ue];Pt?rt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue+1,0,0,dt,ot,ze.image[yt]):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue+1,ct,dt,ot,ze.image[yt])}}}S(E)&&E.mipmapsAutoUpdate===!0&&v(s.TEXTURE_CUBE_MAP),lt.__version=et.version,E.onUpdate&&E.onUpdate(E)}D.__version=E.version}function xe(D,E,G,st,et,lt){let pt=r.convert(G.format,G.colorSpace),K=r.convert(G.type),j=w(G.internalFormat,pt,K,G.normalized,G.colorSpace),ut=i.get(E),O=i.get(G);if(O.__renderTarget=E,!ut.__hasExternalTextures){let Q=Math.max(1,E.width>>lt),$=Math.max(1,E.height>>lt);et===s.TEXTURE_3D||et===s.TEXTURE_2D_ARRAY?e.texImage3D(et,lt,j,Q,$,E.depth,0,pt,K,null):e.texImage2D(et,lt,j,Q,$,0,pt,K,null)}e.bindFramebuffer(s.FRAMEBUFFER,D),_t(E)?a.framebufferTexture2DMultisampleEXT(s.FRAMEBUFFER,st,et,O.__webglTexture,0,de(E)):(et===s.TEXTURE_2D||et>=s.TEXTURE_CUBE_MAP_POSITIVE_X&&et<=s.TEXTURE_CUBE_MAP_NEGATIVE_Z)&&s.framebufferTexture2D(s.FRAMEBUFFER,st,et,O.__webglTexture,lt),e.bindFramebuffer(s.FRAMEBUFFER,null)}function N(D,E,G){if(s.bindRenderbuffer(s.RENDERBUFFER,D),E.depthBuffer){let st=E.depthTexture,et=st&&st.isDepthTexture?st.type:null,lt=g(E.stencilBuffer,et),pt=E.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT;_t(E)?a.renderbufferStorageMultisampleEXT(s.RENDERBUFFER,de(E),lt,E.width,E.height):G?s.renderbufferStorageMultisample(s.RENDERBUFFER,de(E),lt,E.width,E.height):s.renderbufferStorage(s.RENDERBUFFER,lt,E.width,E.height),s.framebufferRenderbuffer(s.FRAMEBUFFER,pt,s.RENDERBUFFER,D)}else{let st=E.textures;for(let et=0;et<st.length;et++){let lt=st[et],pt=r.convert(lt.format,lt.colorSpace),K=r.convert(lt.type),j=w(lt.internalFormat,pt,K,lt.normalized,lt.colorSpace);_t(E)?a.renderbufferStorageMultisampleEXT(s.RENDERBUFFER,de(E),j,E.width,E.height):G?s.renderbufferStorageMultisample(s.RENDERBUFFER,de(E),j,E.width,E.height):s.renderbufferStorage(s.RENDERBUFFER,j,E.width,E.height)}}s.bindRenderbuffer(s.RENDERBUFFER,null)}function z(D,E,G){let st=E.isWebGLCubeRenderTarget===!0;if(e.bindFramebuffer(s.FRAMEBUFFER,D),!(E.depthTexture&&E.depthTexture.isDepthTexture))throw new Error("THREE.WebGLTextures: renderTarget.depthTexture must be an instance of THREE.DepthTexture.");let et=i.get(E.depthTexture);et.__renderTarget=E;let lt=st?E.depthTexture.image[0]:E.depthTexture.image;(!et.__webglTexture||lt.width!==E.width||lt.height!==E.height)&&(lt.width=E.width,lt.height=E.height,E.depthTexture.needsUpdate=!0),st?gt(E.depthTexture,0):at(E.depthTexture,0);let pt=et.__webglTexture,K=de(E),j=st?s.TEXTURE_CUBE_MAP_POSITIVE_X+G:s.TEXTURE_2D,ut=E.depthTexture.format===mi?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT;if(E.depthTexture.format===ci)_t(E)?a.framebufferTexture2DMultisampleEXT(s.FRAMEBUFFER,ut,j,pt,0,K):s.framebufferTexture2D(s.FRAMEBUFFER,ut,j,pt,0);else if(E.depthTexture.format===mi)_t(E)?a.framebufferTexture2DMultisampleEXT(s.FRAMEBUFFER,ut,j,pt,0,K):s.framebufferTexture2D(s.FRAMEBUFFER,ut,j,pt,0);else throw new Error("THREE.WebGLTextures: Unknown depthTexture format.")}function tt(D){let E=i.get(D),G=D.isWebGLCubeRenderTarget===!0;if(E.__boundDepthTexture!==D.depthTexture){let st=D.depthTexture;if(E.__depthDisposeCallback&&E.__depthDisposeCallback(),st){let et=()=>{delete E.__boundDepthTexture,delete E.__depthDisposeCallback,st.removeEventListener("dispose",et)};st.addEventListener("dispose",et),E.__depthDisposeCallback=et}E.__boundDepthTexture=st}if(D.depthTexture&&!E.__autoAllocateDepthBuffer)if(G)for(let st=0;st<6;st++)z(E.__webglFramebuffer[st],D,st);else D.texture.mipmaps.length>0?z(E.__webglFramebuffer[0],D,0):z(E.__webglFramebuffer,D,0);else if(G){E.__webglDepthbuffer=[];for(let st=0;st<6;st++)if(e.bindFramebuffer(s.FRAMEBUFFER,E.__webglFramebuffer[st]),E.__webglDepthbuffer[st]===void 0)E.__webglDepthbuffer[st]=s.createRenderbuffer(),N(E.__webglDepthbuffer[st],D,!1);else{let et=D.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT,lt=E.__webglDepthbuffer[st];s.bindRenderbuffer(s.RENDERBUFFER,lt),s.framebufferRenderbuffer(s.FRAMEBUFFER,et,s.RENDERBUFFER,lt)}}else if(D.texture.mipmaps.length>0?e.bindFramebuffer(s.FRAMEBUFFER,E.__webglFramebuffer[0]):e.bindFramebuffer(s.FRAMEBUFFER,E.__webglFramebuffer),E.__webglDepthbuffer===void 0)E.__webglDepthbuffer=s.createRenderbuffer(),N(E.__webglDepthbuffer,D,!1);else{let et=D.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT,lt=E.__webglDepthbuffer;s.bindRenderbuffer(s.RENDERBUFFER,lt),s.framebufferRenderbuffer(s.FRAMEBUFFER,et,s.RENDERBUFFER,lt)}e.bindFramebuffer(s.FRAMEBUFFER,null)}function xt(D,E,G){let st=i.get(D);E!==void 0&&xe(st.__webglFramebuffer,D,D.texture,s.COLOR_ATTACHMENT0,s.TEXTURE_2D,0),G!==void 0&&tt(D)}function Bt(D){let E=D.texture,G=i.get(D),st=i.get(E);D.addEventListener("dispose",I),C(D);let et=D.textures,lt=D.isWebGLCubeRenderTarget===!0,pt=et.length>1;if(pt||(st.__webglTexture===void 0&&(st.__webglTexture=s.createTexture()),st.__version=E.version,o.memory.textures++),lt){G.__webglFramebuffer=[];for(let K=0;K<6;K++)if(E.mipmaps.length>0){G.__webglFramebuffer[K]=[];for(let j=0;j<E.mipmaps.length;j++)G.__webglFramebuffer[K][j]=s.createFramebuffer()}else G.__webglFramebuffer[K]=s.createFramebuffer()}else{if(E.mipmaps.length>0){G.__webglFramebuffer=[];for(let K=0;K<E.mipmaps.length;K++)G.__webglFramebuffer[K]=s.createFramebuffer()}else G.__webglFramebuffer=s.createFramebuffer();if(pt)for(let K=0,j=et.length;K<j;K++){let ut=i.get(et[K]);ut.__webglTexture===void 0&&(ut.__webglTexture=s.createTexture(),o.memory.textures++)}if(D.samples>0&&_t(D)===!1){G.__webglMultisampledFramebuffer=s.createFramebuffer(),G.__webglColorRenderbuffer=[],e.bindFramebuffer(s.FRAMEBUFFER,G.__webglMultisampledFramebuffer);for(let K=0;K<et.length;K++){let j=et[K];G.__webglColorRenderbuffer[K]=s.createRenderbuffer(),s.bindRenderbuffer(s.RENDERBUFFER,G.__webglColorRenderbuffer[K]);let ut=r.convert(j.format,j.colorSpace),O=r.convert(j.type),Q=w(j.internalFormat,ut,O,j.normalized,j.colorSpace,D.isXRRenderTarget===!0),$=de(D);s.renderbufferStorageMultisample(s.RENDERBUFFER,$,Q,D.width,D.height),s.framebufferRenderbuffer(s.FRAMEBUFFER,s.COLOR_ATTACHMENT0+K,s.RENDERBUFFER,G.__webglColorRenderbuffer[K])}s.bindRenderbuffer(s.RENDERBUFFER,null),D.depthBuffer&&(G.__webglDepthRenderbuffer=s.createRenderbuffer(),N(G.__webglDepthRenderbuffer,D,!0)),e.bindFramebuffer(s.FRAMEBUFFER,null)}}if(lt){e.bindTexture(s.TEXTURE_CUBE_MAP,st.__webglTexture),qt(s.TEXTURE_CUBE_MAP,E);for(let K=0;K<6;K++)if(E.mipmaps.length>0)for(let j=0;j<E.mipmaps.length;j++)xe(G.__webglFramebuffer[K][j],D,E,s.COLOR_ATTACHMENT0,s.TEXTURE_CUBE_MAP_POSITIVE_X+K,j);else xe(G.__webglFramebuffer[K],D,E,s.COLOR_ATTACHMENT0,s.TEXTURE_CUBE_MAP_POSITIVE_X+K,0);S(E)?v(s.TEXTURE_CUBE_MAP):E.mipmaps.length>0&&s.texParameteri(s.TEXTURE_CUBE_MAP,s.TEXTURE_MAX_LEVEL,E.mipmaps.length-1),e.unbindTexture()}else if(pt){for(let K=0,j=et.length;K<j;K++){let ut=et[K],O=i.get(ut),Q=s.TEXTURE_2D;(D.isWebGL3DRenderTarget||D.isWebGLArrayRenderTarget)&&(Q=D.isWebGL3DRenderTarget?s.TEXTURE_3D:s.TEXTURE_2D_ARRAY),e.bindTexture(Q,O.__webglTexture),qt(Q,ut),xe(G.__webglFramebuffer,D,ut,s.COLOR_ATTACHMENT0+K,Q,0),S(ut)&&v(Q)}e.unbindTexture()}else{let K=s.TEXTURE_2D;if((D.isWebGL3DRenderTarget||D.isWebGLArrayRenderTarget)&&(K=D.isWebGL3DRenderTarget?s.TEXTURE_3D:s.TEXTURE_2D_ARRAY),e.bindTexture(K,st.__webglTexture),qt(K,E),E.mipmaps.length>0)for(let j=0;j<E.mipmaps.length;j++)xe(G.__webglFramebuffer[j],D,E,s.COLOR_ATTACHMENT0,K,j);else xe(G.__webglFramebuffer,D,E,s.COLOR_ATTACHMENT0,K,0);S(E)?v(K):E.mipmaps.length>0&&s.texParameteri(K,s.TEXTURE_MAX_LEVEL,E.mipmaps.length-1),e.unbindTexture()}D.depthBuffer&&tt(D)}function F(D){let E=D.textures;for(let G=0,st=E.length;G<st;G++){let et=E[G];if(S(et)&&et.mipmapsAutoUpdate===!0){let lt=M(D),pt=i.get(et).__webglTexture;e.bindTexture(lt,pt),v(lt),e.unbindTexture()}}}let ve=[];function le(D){if(D.samples>0){if(_t(D)===!1){let E=D.textures,G=D.width,st=D.height,et=s.COLOR_BUFFER_BIT,lt=D.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT,pt=i.get(D),K=E.length>1;if(K)for(let ut=0;ut<E.length;ut++)e.bindFramebuffer(s.FRAMEBUFFER,pt.__webglMultisampledFramebuffer),s.framebufferRenderbuffer(s.FRAMEBUFFER,s.COLOR_ATTACHMENT0+ut,s.RENDERBUFFER,null),e.bindFramebuffer(s.FRAMEBUFFER,pt.__webglFramebuffer),s.framebufferTexture2D(s.DRAW_FRAMEBUFFER,s.COLOR_ATTACHMENT0+ut,s.TEXTURE_2D,null,0);e.bindFramebuffer(s.READ_FRAMEBUFFER,pt.__webglMultisampledFramebuffer),D.texture.mipmaps.length>0?e.bindFramebuffer(s.DRAW_FRAMEBUFFER,pt.__webglFramebuffer[0]):e.bindFramebuffer(s.DRAW_FRAMEBUFFER,pt.__webglFramebuffer);for(let ut=0;ut<E.length;ut++){if(D.resolveDepthBuffer&&(D.depthBuffer&&(et|=s.DEPTH_BUFFER_BIT),D.stencilBuffer&&D.resolveStencilBuffer&&(et|=s.STENCIL_BUFFER_BIT)),K){s.framebufferRenderbuffer(s.READ_FRAMEBUFFER,s.COLOR_ATTACHMENT0,s.RENDERBUFFER,pt.__webglColorRenderbuffer[ut]);let O=i.get(E[ut]).__webglTexture;s.framebufferTexture2D(s.DRAW_FRAMEBUFFER,s.COLOR_ATTACHMENT0,s.TEXTURE_2D,O,0)}s.blitFramebuffer(0,0,G,st,0,0,G,st,et,s.NEAREST),l===!0&&(ve.length=0,ve.push(s.COLOR_ATTACHMENT0+ut),D.depthBuffer&&D.storeMultisampledDepthBuffer===!1&&ve.push(lt),s.invalidateFramebuffer(s.READ_FRAMEBUFFER,ve))}if(e.bindFramebuffer(s.READ_FRAMEBUFFER,null),e.bindFramebuffer(s.DRAW_FRAMEBUFFER,null),K)for(let ut=0;ut<E.length;ut++){e.bindFramebuffer(s.FRAMEBUFFER,pt.__webglMultisampledFramebuffer),s.framebufferRenderbuffer(s.FRAMEBUFFER,s.COLOR_ATTACHMENT0+ut,s.RENDERBUFFER,pt.__webglColorRenderbuffer[ut]);let O=i.get(E[ut]).__webglTexture;e.bindFramebuffer(s.FRAMEBUFFER,pt.__webglFramebuffer),s.framebufferTexture2D(s.DRAW_FRAMEBUFFER,s.COLOR_ATTACHMENT0+ut,s.TEXTURE_2D,O,0)}e.bindFramebuffer(s.DRAW_FRAMEBUFFER,pt.__webglMultisampledFramebuffer)}else if(D.depthBuffer&&D.storeMultisampledDepthBuffer===!1&&l){let E=D.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT;s.invalidateFramebuffer(s.DRAW_FRAMEBUFFER,[E])}}}function de(D){return Math.min(n.maxSamples,D.samples)}function _t(D){let E=i.get(D);return D.samples>0&&t.has("WEBGL_multisampled_render_to_texture")===!0&&E.__useRenderToTexture!==!1}function Fe(D){let E=o.render.frame;h.get(D)!==E&&(h.set(D,E),D.update())}function Ut(D,E){let G=D.colorSpace,st=D.format,et=D.type;return D.isCompressedTexture===!0||D.isVideoTexture===!0||G!==br&&G!==gi&&(Jt.getTransfer(G)===ce?(st!==wn||et!==_n)&&Dt("WebGLTextures: sRGB encoded textures have to use RGBAFormat and UnsignedByteType."):Ot("WebGLTextures: Unsupported texture color space:",G)),E}function Ht(D){return typeof HTMLImageElement<"u"&&D instanceof HTMLImageElement?(c.width=D.naturalWidth||D.width,c.height=D.naturalHeight||D.height):typeof VideoFrame<"u"&&D instanceof VideoFrame?(c.width=D.displayWidth,c.height=D.displayHeight):(c.width=D.width,c.height=D.height),c}this.allocateTextureUnit=Ft,this.resetTextureUnits=Z,this.getTextureUnits=nt,this.setTextureUnits=Mt,this.setTexture2D=at,this.setTexture2DArray=bt,this.setTexture3D=Ct,this.setTextureCube=gt,this.rebindTextures=xt,this.setupRenderTarget=Bt,this.updateRenderTargetMipmap=F,this.updateMultisampleRenderTarget=le,this.setupDepthRenderbuffer=tt,this.setupFrameBufferTexture=xe,this.useMultisampledRTT=_t,this.dispose=k}function bv(s,t){function e(i,n=gi){let r,o=Jt.getTransfer(n);if(i===_n)return s.UNSIGNED_BYTE;if(i===za)return s.UNSIGNED_SHORT_4_4_4_4;if(i===Va)return s.UNSIGNED_SHORT_5_5_5_1;if(i===dh)return s.UNSIGNED_INT_5_9_9_9_REV;if(i===fh)return s.UNSIGNED_INT_10F_11F_11F_REV;if(i===hh)return s.BYTE;if(i===uh)return s.SHORT;if(i===Vs)return s.UNSIGNED_SHORT;if(i===ka)return s.INT;if(i===Nn)return s.UNSIGNED_INT;if(i===Mn)return s.FLOAT;if(i===Gn)return s.HALF_FLOAT;if(i===ph)return s.ALPHA;if(i===mh)return s.RGB;if(i===wn)return s.RGBA;if(i===ci)return s.DEPTH_COMPONENT;if(i===mi)return s.DEPTH_STENCIL;if(i===gh)return s.RED;if(i===Zr)return s.RED_INTEGER;if(i===Li)return s.RG;if(i===Ha)return s.RG_INTEGER;if(i===Ga)return s.RGBA_INTEGER;if(i===Jr||i===Kr||i===jr||i===Qr)if(o===ce)if(r=t.get("WEBGL_compressed_texture_s3tc_srgb"),r!==null){if(i===Jr)return r.COMPRESSED_SRGB_S3TC_DXT1_EXT;if(i===Kr)return r.COMPRESSED_SRGB_ALPHA_S3TC_DXT1_EXT;if(i===jr)return r.COMPRESSED_SRGB_ALPHA_S3TC_DXT3_EXT;if(i===Qr)return r.COMPRESSED_SRGB_ALPHA_S3TC_DXT5_EXT}else return null;else if(r=t.get("WEBGL_compressed_texture_s3tc"),r!==null){if(i===Jr)return r.COMPRESSED_RGB_S3TC_DXT1_EXT;if(i===Kr)return r.COMPRESSED_RGBA_S3TC_DXT1_EXT;if(i===jr)return r.COMPRESSED_RGBA_S3TC_DXT3_EXT;if(i===Qr)return r.COMPRESSED_RGBA_S3TC_DXT5_EXT}else return null;if(i===Wa||i===qa||i===Xa||i===Ya)if(r=t.get("WEBGL_compressed_texture_pvrtc"),r!==null){if(i===Wa)return r.COMPRESSED_RGB_PVRTC_4BPPV1_IMG;if(i===qa)return r.COMPRESSED_RGB_PVRTC_2BPPV1_IMG;if(i===Xa)return r.COMPRESSED_RGBA_PVRTC_4BPPV1_IMG;if(i===Ya)return r.COMPRESSED_RGBA_PVRTC_2BPPV1_IMG}else return null;if(i===$a||i===Za||i===Ja||i===Ka||i===ja||i===to||i===Qa)if(r=t.get("WEBGL_compressed_texture_etc"),r!==null){if(i===$a||i===Za)return o===ce?r.COMPRESSED_SRGB8_ETC2:r.COMPRESSED_RGB8_ETC2;if(i===Ja)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ETC2_EAC:r.COMPRESSED_RGBA8_ETC2_EAC;if(i===Ka)return r.COMPRESSED_R11_EAC;if(i===ja)return r.COMPRESSED_SIGNED_R11_EAC;if(i===to)return r.COMPRESSED_RG11_EAC;if(i===Qa)return r.COMPRESSED_SIGNED_RG11_EAC}else return null;if(i===tl||i===el||i===nl||i===il||i===sl||i===rl||i===ol||i===al||i===ll||i===cl||i===hl||i===ul||i===dl||i===fl)if(r=t.get("WEBGL_compressed_texture_astc"),r!==null){if(i===tl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_4x4_KHR:r.COMPRESSED_RGBA_ASTC_4x4_KHR;if(i===el)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_5x4_KHR:r.COMPRESSED_RGBA_ASTC_5x4_KHR;if(i===nl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_5x5_KHR:r.COMPRESSED_RGBA_ASTC_5x5_KHR;if(i===il)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_6x5_KHR:r.COMPRESSED_RGBA_ASTC_6x5_KHR;if(i===sl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_6x6_KHR:r.COMPRESSED_RGBA_ASTC_6x6_KHR;if(i===rl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_8x5_KHR:r.COMPRESSED_RGBA_ASTC_8x5_KHR;if(i===ol)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_8x6_KHR:r.COMPRESSED_RGBA_ASTC_8x6_KHR;if(i===al)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_8x8_KHR:r.COMPRESSED_RGBA_ASTC_8x8_KHR;if(i===ll)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_10x5_KHR:r.COMPRESSED_RGBA_ASTC_10x5_KHR;if(i===cl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_10x6_KHR:r.COMPRESSED_RGBA_ASTC_10x6_KHR;if(i===hl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_10x8_KHR:r.COMPRESSED_RGBA_ASTC_10x8_KHR;if(i===ul)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_10x10_KHR:r.COMPRESSED_RGBA_ASTC_10x10_KHR;if(i===dl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_12x10_KHR:r.COMPRESSED_RGBA_ASTC_12x10_KHR;if(i===fl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_12x12_KHR:r.COMPRESSED_RGBA_ASTC_12x12_KHR}else return null;if(i===pl||i===ml||i===gl)if(r=t.get("EXT_texture_compression_bptc"),r!==null){if(i===pl)return o===ce?r.COMPRESSED_SRGB_ALPHA_BPTC_UNORM_EXT:r.COMPRESSED_RGBA_BPTC_UNORM_EXT;if(i===ml)return r.COMPRESSED_RGB_BPTC_SIGNED_FLOAT_EXT;if(i===gl)return r.COMPRESSED_RGB_BPTC_UNSIGNED_FLOAT_EXT}else return null;if(i===_l||i===xl||i===eo||i===yl)if(r=t.get("EXT_texture_compression_rgtc"),r!==null){if(i===_l)return r.COMPRESSED_RED_RGTC1_EXT;if(i===xl)return r.COMPRESSED_SIGNED_RED_RGTC1_EXT;if(i===eo)return r.COMPRESSED_RED_GREEN_RGTC2_EXT;if(i===yl)return r.COMPRESSED_SIGNED_RED_GREEN_RGTC2_EXT}else return null;return i===ns?s.UNSIGNED_INT_24_8:s[i]!==void 0?s[i]:null}return{convert:e}}function Ev(s,t){function e(p,_){p.matrixAutoUpdate===!0&&p.updateMatrix(),_.value.copy(p.matrix)}function i(p,_){_.color.getRGB(p.fogColor.value,Ah(s)),_.isFog?(p.fogNear.value=_.near,p.fogFar.value=_.far):_.isFogExp2&&(p.fogDensity.value=_.density)}function n(p,_,x,S,v){_.isNodeMaterial?_.uniformsNeedUpdate=!1:_.isMeshBasicMaterial?r(p,_):_.isMeshLambertMaterial?(r(p,_),_.envMap&&(p.envMapIntensity.value=_.envMapIntensity)):_.isMeshToonMaterial?(r(p,_),u(p,_)):_.isMeshPhongMaterial?(r(p,_),h(p,_),_.envMap&&(p.envMapIntensity.value=_.envMapIntensity)):_.isMeshStandardMaterial?(r(p,_),d(p,_),_.isMeshPhysicalMaterial&&f(p,_,v)):_.isMeshMatcapMaterial?(r(p,_),m(p,_)):_.isMeshDepthMaterial?r(p,_):_.isMeshDistanceMaterial?(r(p,_),y(p,_)):_.isMeshNormalMaterial?r(p,_):_.isLineBasicMaterial?(o(p,_),_.isLineDashedMaterial&&a(p,_)):_.isPointsMaterial?l(p,_,x,S):_.isSpriteMaterial?c(p,_):_.isShadowMaterial?(p.color.value.copy(_.color),p.opacity.value=_.opacity):_.isShaderMaterial&&(_.uniformsNeedUpdate=!1)}function r(p,_){p.opacity.value=_.opacity,_.color&&p.diffuse.value.copy(_.color),_.emissive&&p.emissive.value.copy(_.emissive).multiplyScalar(_.emissiveIntensity),_.map&&(p.map.value=_.map,e(_.map,p.mapTransform)),_.alphaMap&&(p.alphaMap.value=_.alphaMap,e(_.alphaMap,p.alphaMapTransform)),_.bumpMap&&(p.bumpMap.value=_.bumpMap,e(_.bumpMap,p.bumpMapTransform),p.bumpScale.value=_.bumpScale,_.side===$e&&(p.bumpScale.value*=-1)),_.normalMap&&(p.normalMap.value=_.normalMap,e(_.normalMap,p.normalMapTransform),p.normalScale.value.copy(_.normalScale),_.side===$e&&p.normalScale.value.negate()),_.displacementMap&&(p.displacementMap.value=_.displacementMap,e(_.displacementMap,p.displacementMapTransform),p.displacementScale.value=_.displacementScale,p.displacementBias.value=_.displacementBias),_.emissiveMap&&(p.emissiveMap.value=_.emissiveMap,e(_.emissiveMap,p.emissiveMapTransform)),_.specularMap&&(p.specularMap.value=_.specularMap,e(_.specularMap,p.specularMapTransform)),_.alphaTest>0&&(p.alphaTest.value=_.alphaTest);let x=t.get(_),S=x.envMap,v=x.envMapRotation;S&&(p.envMap.value=S,p.envMapRotation.value.setFromMatrix4(Tv.makeRotationFromEuler(v)).transpose(),S.isCubeTexture&&S.isRenderTargetTexture===!1&&p.envMapRotation.value.premultiply(Xf),p.reflectivity.value=_.reflectivity,p.ior.value=_.ior,p.refractionRatio.value=_.refractionRatio),_.lightMap&&(p.lightMap.value=_.lightMap,p.lightMapIntensity.value=_.lightMapIntensity,e(_.lightMap,p.lightMapTransform)),_.aoMap&&(p.aoMap.value=_.aoMap,p.aoMapIntensity.value=_.aoMapIntensity,e(_.aoMap,p.aoMapTransform))}function o(p,_){p.diffuse.value.copy(_.color),p.opacity.value=_.opacity,_.map&&(p.map.value=_.map,e(_.map,p.mapTransform))}function a(p,_){p.dashSize.value=_.dashSize,p.totalSize.value=_.dashSize+_.gapSize,p.scale.value=_.scale}function l(p,_,x,S){p.diffuse.value.copy(_.color),p.opacity.value=_.opacity,p.size.value=_.size*x,p.scale.value=S*.5,_.map&&(p.map.value=_.map,e(_.map,p.uvTransform)),_.alphaMap&&(p.alphaMap.value=_.alphaMap,e(_.alphaMap,p.alphaMapTransform)),_.alphaTest>0&&(p.alphaTest.value=_.alphaTest)}function c(p,_){p.diffuse.value.copy(_.color),p.opacity.value=_.opacity,p.rotation.value=_.rotation,_.map&&(p.map.value=_.map,e(_.map,p.mapTransform)),_.alphaMap&&(p.alphaMap.value=_.alphaMap,e(_.alphaMap,p.alphaMapTransform)),_.alphaTest>0&&(p.alphaTest.value=_.alphaTest)}function h(p,_){p.specular.value.copy(_.specular),p.shininess.value=Math.max(_.shininess,1e-4)}function u(p,_){_.gradientMap&&(p.gradientMap.value=_.gradientMap)}function d(p,_){p.metalness.value=_.metalness,_.metalnessMap&&(p.metalnessMap.value=_.metalnessMap,e(_.metalnessMap,p.metalnessMapTransform)),p.roughness.value=_.roughness,_.roughnessMap&&(p.roughnessMap.value=_.roughnessMap,e(_.roughnessMap,p.roughnessMapTransform)),_.envMap&&(p.envMapIntensity.value=_.envMapIntensity)}function f(p,_,x){p.ior.value=_.ior,_.diffuseRoughness>0&&(p.diffuseRoughness.value=_.diffuseRoughness,_.diffuseRoughnessMap&&(p.diffuseRoughnessMap.value=_.diffuseRoughnessMap,e(_.diffuseRoughnessMap,p.diffuseRoughnessMapTransform))),_.sheen>0&&(p.sheenColor.value.copy(_.sheenColor).multiplyScalar(_.sheen),p.sheenRoughness.value=_.sheenRoughness,_.sheenColorMap&&(p.sheenColorMap.value=_.sheenColorMap,e(_.sheenColorMap,p.sheenColorMapTransform)),_.sheenRoughnessMap&&(p.sheenRoughnessMap.value=_.sheenRoughnessMap,e(_.sheenRoughnessMap,p.sheenRoughnessMapTransform))),_.clearcoat>0&&(p.clearcoat.value=_.clearcoat,p.clearcoatRoughness.value=_.clearcoatRoughness,_.clearcoatMap&&(p.clearcoatMap.value=_.clearcoatMap,e(_.clearcoatMap,p.clearcoatMapTransform)),_.clearcoatRoughnessMap&&(p.clearcoatRoughnessMap.value=_.clearcoatRoughnessMap,e(_.clearcoatRoughnessMap,p.clearcoatRoughnessMapTransform)),_.clearcoatNormalMap&&(p.clearcoatNormalMap.value=_.clearcoatNormalMap,e(_.clearcoatNormalMap,p.clearcoatNormalMapTransform),p.clearcoatNormalScale.value.copy(_.clearcoatNormalScale),_.side===$e&&p.clearcoatNormalScale.value.negate())),_.dispersion>0&&(p.dispersion.value=_.dispersion),_.retroreflectivity>0&&(p.retroreflectivity.value=_.retroreflectivity),_.iridescence>0&&(p.iridescence.value=_.iridescence,p.iridescenceIOR.value=_.iridescenceIOR,p.iridescenceThicknessMinimum.value=_.iridescenceThicknessMinimum,p.iridescenceThicknessMaximum.value=_.iridescenceThicknessMaximum,_.iridescenceMap&&(p.iridescenceMap.value=_.iridescenceMap,e(_.iridescenceMap,p.iridescenceMapTransform)),_.iridescenceThicknessMap&&(p.iridescenceThicknessMap.value=_.iridescenceThicknessMap,e(_.iridescenceThicknessMap,p.iridescenceThicknessMapTransform))),_.transmission>0&&(p.transmission.value=_.transmission,p.transmissionSamplerMap.value=x.texture,p.transmissionSamplerSize.value.set(x.width,x.height),_.transmissionMap&&(p.transmissionMap.value=_.transmissionMap,e(_.transmissionMap,p.transmissionMapTransform)),p.thickness.value=_.thickness,_.thicknessMap&&(p.thicknessMap.value=_.thicknessMap,e(_.thicknessMap,p.thicknessMapTransform)),p.attenuationDistance.value=_.attenuationDistance,p.attenuationColor.value.copy(_.attenuationColor)),_.anisotropy>0&&(p.anisotropyVector.value.set(_.anisotropy*Math.cos(_.anisotropyRotation),_.anisotropy*Math.sin(_.anisotropyRotation)),_.anisotropyMap&&(p.anisotropyMap.value=_.anisotropyMap,e(_.anisotropyMap,p.anisotropyMapTransform))),p.specularIntensity.value=_.specularIntensity,p.specularColor.value.copy(_.specularColor),_.specularColorMap&&(p.specularColorMap.value=_.specularColorMap,e(_.specularColorMap,p.specularColorMapTransform)),_.specularIntensityMap&&(p.specularIntensityMap.value=_.specularIntensityMap,e(_.specularIntensityMap,p.specularIntensityMapTransform))}function m(p,_){_.matcap&&(p.matcap.value=_.matcap)}function y(p,_){let x=t.get(_).light;p.referencePosition.value.setFromMatrixPosition(x.matrixWorld),p.nearDistance.value=x.shadow.camera.near,p.farDistance.value=x.shadow.camera.far}return{refreshFogUniforms:i,refreshMaterialUniforms:n}}function Av(s,t,e,i){let n={},r={};function o(x,S){let v=S.program;i.uniformBlockBinding(x,v,n[x.id])}function a(x,S){let v=n[x.id];v===void 0&&(m(x),v=l(x),n[x.id]=v,x.addEventListener("dispose",p));let M=S.program;i.updateUBOMapping(x,M);let w=t.render.frame;r[x.id]!==w&&(c(x),r[x.id]=w)}function l(x){let S=s.createBuffer(),v=x.__size,M=x.usage;return s.bindBuffer(s.UNIFORM_BUFFER,S),s.bufferData(s.UNIFORM_BUFFER,v,M),s.bindBuffer(s.UNIFORM_BUFFER,null),S}function c(x){let S=n[x.id],v=x.uniforms,M=x.__cache;s.bindBuffer(s.UNIFORM_BUFFER,S);for(let w=0,g=v.length;w<g;w++){let b=v[w];if(Array.isArray(b))for(let C=0,T=b.length;C<T;C++)h(b[C],w,C,M);else h(b,w,0,M)}s.bindBuffer(s.UNIFORM_BUFFER,null)}function h(x,S,v,M){if(d(x,S,v,M)===!0){let w=x.__offset,g=x.value;if(Array.isArray(g)){let b=0;for(let C=0;C<g.length;C++){let T=g[C],P=y(T,!0);u(T,x.__data,b),b+=P.storage/Float32Array.BYTES_PER_ELEMENT}}else u(g,x.__data,0);s.bufferSubData(s.UNIFORM_BUFFER,w,x.__data)}}function u(x,S,v){typeof x=="number"||typeof x=="boolean"?S[v]=x:x.isMatrix3?(S[v]=x.elements[0],S[v+1]=x.elements[1],S[v+2]=x.elements[2],S[v+3]=0,S[v+4]=x.elements[3],S[v+5]=x.elements[4],S[v+6]=x.elements[5],S[v+7]=0,S[v+8]=x.elements[6],S[v+9]=x.elements[7],S[v+10]=x.elements[8],S[v+11]=0):ArrayBuffer.isView(x)?S.set(x.subarray(0,S.length-v),v):x.toArray(S,v)}function d(x,S,v,M){let w=x.value,g=S+"_"+v;if(Array.isArray(w)){M[g]===void 0&&(M[g]=[]);let b=M[g],C=!1;for(let T=0;T<w.length;T++)f(w[T],b,T)===!0&&(C=!0);return C}return f(w,M,g)}function f(x,S,v){if(S[v]===void 0)return typeof x=="number"||typeof x=="boolean"?S[v]=x:ArrayBuffer.isView(x)?S[v]=x.slice():S[v]=x.clone(),!0;{let M=S[v];if(typeof x=="number"||typeof x=="boolean"){if(M!==x)return S[v]=x,!0}else{if(ArrayBuffer.isView(x))return!0;if(M.equals(x)===!1)return M.copy(x),!0}}return!1}function m(x){let S=x.uniforms,v=0,M=16;for(let g=0,b=S.length;g<b;g++){let C=Array.isArray(S[g])?S[g]:[S[g]];for(let T=0,P=C.length;T<P;T++){let I=C[T],U=Array.isArray(I.value)?I.value:[I.value],L=Array.isArray(S[g])||Array.isArray(I.value),k=v;for(let q=0,it=U.length;q<it;q++){let Y=U[q],Z=y(Y,L),nt=v%M,Mt=nt%Z.boundary,Ft=nt+Mt;v+=Mt,Ft!==0&&M-Ft<Z.storage&&(v+=M-Ft),q===0&&(k=v),v+=Z.storage}let H=I.type==="int"?Int32Array:I.type==="uint"?Uint32Array:Float32Array;I.__data=new H((v-k)/Float32Array.BYTES_PER_ELEMENT),I.__offset=k}}let w=v%M;return w>0&&(v+=M-w),x.__size=v,x.__cache={},this}function y(x,S){let v={boundary:0,storage:0};return typeof x=="number"||typeof x=="boolean"?(v.boundary=4,v.storage=4):x.isVector2?(v.boundary=8,v.storage=8):x.isVector3||x.isColor?(v.boundary=16,v.storage=12):x.isVector4?(v.boundary=16,v.storage=16):x.isMatrix3?(v.boundary=16,v.storage=48):x.isMatrix4?(v.boundary=16,v.storage=64):x.isTexture?Dt("WebGLRenderer: Texture samplers can not be part of an uniforms group."):ArrayBuffer.isView(x)?(v.boundary=16,v.storage=x.byteLength):Dt("WebGLRenderer: Unsupported uniform value type.",x),S===!0&&(v.boundary=16,v.storage=Math.ceil(v.storage/16)*16),v}function p(x){let S=x.target;S.removeEventListener("dispose",p),s.deleteBuffer(n[S.id]),delete n[S.id],delete r[S.id]}function _(){for(let x in n)s.deleteBuffer(n[x]);n={},r={}}return{bind:o,update:a,dispose:_}}function Rv(){return jn===null&&(jn=new Zi(Cv,16,16,Li,Gn),jn.name="DFG_LUT",jn.minFilter=un,jn.magFilter=un,jn.wrapS=$n,jn.wrapT=$n,jn.generateMipmaps=!1,jn.needsUpdate=!0),jn}var Xg,Yg,$g,Zg,Jg,Kg,jg,Qg,t_,e_,n_,i_,s_,r_,o_,a_,l_,c_,h_,u_,d_,f_,p_,m_,g_,__,x_,y_,v_,S_,b_,M_,w_,T_,E_,A_,C_,R_,P_,I_,L_,D_,N_,U_,F_,O_,B_,k_,z_,V_,H_,G_,W_,q_,X_,Y_,$_,Z_,J_,K_,j_,Q_,t0,e0,n0,i0,s0,r0,o0,a0,l0,c0,h0,u0,d0,f0,p0,m0,g0,_0,x0,y0,v0,S0,b0,M0,w0,T0,E0,A0,C0,R0,P0,I0,L0,D0,N0,U0,F0,O0,B0,k0,z0,V0,H0,G0,W0,q0,X0,Y0,$0,Z0,J0,K0,j0,Q0,tx,ex,nx,ix,sx,rx,ox,ax,lx,cx,hx,ux,dx,fx,px,mx,gx,_x,xx,yx,vx,Sx,bx,Mx,wx,Zt,vt,Qn,Sl,Tx,Of,so,mf,Ix,Lx,Bf,kf,Dx,Nx,Ux,Ml,Xx,zf,Vf,Hf,Gf,Wf,qf,yf,vf,Sf,bf,Mf,Nh,Uh,Fh,Lh,Gs,Uy,Fy,Ef,zy,bl,Xy,$y,Jy,jy,tv,iv,Bh,kh,uv,mv,gv,_v,xv,Uf,no,Dh,Mv,wv,zh,Vh,Tv,Xf,Cv,jn,wl,Ce=It(()=>{Ih();Ih();Xg=`#ifdef USE_ALPHAHASH
	if ( diffuseColor.a < getAlphaHashThreshold( vPosition ) ) discard;
#endif`,Yg=`#ifdef USE_ALPHAHASH
	const float ALPHA_HASH_SCALE = 0.05;
	float hash2D( vec2 value ) {
		return fract( 1.0e4 * sin( 17.0 * value.x + 0.1 * value.y ) * ( 0.1 + abs( sin( 13.0 * value.y + value.x ) ) ) );
	}
	float hash3D( vec3 value ) {
		return hash2D( vec2( hash2D( value.xy ), value.z ) );
	}
	float getAlphaHashThreshold( vec3 position ) {
		float maxDeriv = max(
			length( dFdx( position.xyz ) ),
			length( dFdy( position.xyz ) )
		);
		float pixScale = 1.0 / ( ALPHA_HASH_SCALE * maxDeriv );
		vec2 pixScales = vec2(
			exp2( floor( log2( pixScale ) ) ),
			exp2( ceil( log2( pixScale ) ) )
		);
		vec2 alpha = vec2(
			hash3D( floor( pixScales.x * position.xyz ) ),
			hash3D( floor( pixScales.y * position.xyz ) )
		);
		float lerpFactor = fract( log2( pixScale ) );
		float x = ( 1.0 - lerpFactor ) * alpha.x + lerpFactor * alpha.y;
		float a = min( lerpFactor, 1.0 - lerpFactor );
		vec3 cases = vec3(
			x * x / ( 2.0 * a * ( 1.0 - a ) ),
			( x - 0.5 * a ) / ( 1.0 - a ),
			1.0 - ( ( 1.0 - x ) * ( 1.0 - x ) / ( 2.0 * a * ( 1.0 - a ) ) )
		);
		float threshold = ( x < ( 1.0 - a ) )
			? ( ( x < a ) ? cases.x : cases.y )
			: cases.z;
		return clamp( threshold , 1.0e-6, 1.0 );
	}
#endif`,$g=`#ifdef USE_ALPHAMAP
	diffuseColor.a *= texture2D( alphaMap, vAlphaMapUv ).g;
#endif`,Zg=`#ifdef USE_ALPHAMAP
	uniform sampler2D alphaMap;
#endif`,Jg=`#ifdef USE_ALPHATEST
	#ifdef ALPHA_TO_COVERAGE
	diffuseColor.a = smoothstep( alphaTest, alphaTest + fwidth( diffuseColor.a ), diffuseColor.a );
	if ( diffuseColor.a == 0.0 ) discard;
	#else
	if ( diffuseColor.a < alphaTest ) discard;
	#endif
#endif`,Kg=`#ifdef USE_ALPHATEST
	uniform float alphaTest;
#endif`,jg=`#ifdef USE_AOMAP
	float ambientOcclusion = ( texture2D( aoMap, vAoMapUv ).r - 1.0 ) * aoMapIntensity + 1.0;
	reflectedLight.indirectDiffuse *= ambientOcclusion;
	#if defined( USE_CLEARCOAT ) 
		clearcoatSpecularIndirect *= ambientOcclusion;
	#endif
	#if defined( USE_SHEEN ) 
		sheenSpecularIndirect *= ambientOcclusion;
	#endif
	#if defined( USE_ENVMAP ) && defined( STANDARD )
		float dotNV = saturate( dot( geometryNormal, geometryViewDir ) );
		reflectedLight.indirectSpecular *= computeSpecularOcclusion( dotNV, ambientOcclusion, material.roughness );
	#endif
#endif`,Qg=`#ifdef USE_AOMAP
	uniform sampler2D aoMap;
	uniform float aoMapIntensity;
#endif`,t_=`#ifdef USE_BATCHING
	#if ! defined( GL_ANGLE_multi_draw )
	#define gl_DrawID _gl_DrawID
	uniform int _gl_DrawID;
	#endif
	uniform highp sampler2D batchingTexture;
	uniform highp usampler2D batchingIdTexture;
	mat4 getBatchingMatrix( const in float i ) {
		int size = textureSize( batchingTexture, 0 ).x;
		int j = int( i ) * 4;
		int x = j % size;
		int y = j / size;
		vec4 v1 = texelFetch( batchingTexture, ivec2( x, y ), 0 );
		vec4 v2 = texelFetch( batchingTexture, ivec2( x + 1, y ), 0 );
		vec4 v3 = texelFetch( batchingTexture, ivec2( x + 2, y ), 0 );
		vec4 v4 = texelFetch( batchingTexture, ivec2( x + 3, y ), 0 );
		return mat4( v1, v2, v3, v4 );
	}
	float getIndirectIndex( const in int i ) {
		int size = textureSize( batchingIdTexture, 0 ).x;
		int x = i % size;
		int y = i / size;
		return float( texelFetch( batchingIdTexture, ivec2( x, y ), 0 ).r );
	}
#endif
#ifdef USE_BATCHING_COLOR
	uniform sampler2D batchingColorTexture;
	vec4 getBatchingColor( const in float i ) {
		int size = textureSize( batchingColorTexture, 0 ).x;
		int j = int( i );
		int x = j % size;
		int y = j / size;
		return texelFetch( batchingColorTexture, ivec2( x, y ), 0 );
	}
#endif`,e_=`#ifdef USE_BATCHING
	mat4 batchingMatrix = getBatchingMatrix( getIndirectIndex( gl_DrawID ) );
#endif`,n_=`vec3 transformed = vec3( position );
#ifdef USE_ALPHAHASH
	vPosition = vec3( position );
#endif`,i_=`vec3 objectNormal = vec3( normal );
#ifdef USE_TANGENT
	vec3 objectTangent = vec3( tangent.xyz );
#endif`,s_=`float G_BlinnPhong_Implicit( ) {
	return 0.25;
}
float D_BlinnPhong( const in float shininess, const in float dotNH ) {
	return RECIPROCAL_PI * ( shininess * 0.5 + 1.0 ) * pow( dotNH, shininess );
}
vec3 BRDF_BlinnPhong( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in vec3 specularColor, const in float shininess ) {
	vec3 halfDir = normalize( lightDir + viewDir );
	float dotNH = saturate( dot( normal, halfDir ) );
	float dotVH = saturate( dot( viewDir, halfDir ) );
	vec3 F = F_Schlick( specularColor, 1.0, dotVH );
	float G = G_BlinnPhong_Implicit( );
	float D = D_BlinnPhong( shininess, dotNH );
	return F * ( G * D );
} // validated`,r_=`#ifdef USE_IRIDESCENCE
	const mat3 XYZ_TO_REC709 = mat3(
		 3.2404542, -0.9692660,  0.0556434,
		-1.5371385,  1.8760108, -0.2040259,
		-0.4985314,  0.0415560,  1.0572252
	);
	vec3 Fresnel0ToIor( vec3 fresnel0 ) {
		vec3 sqrtF0 = sqrt( fresnel0 );
		return ( vec3( 1.0 ) + sqrtF0 ) / ( vec3( 1.0 ) - sqrtF0 );
	}
	vec3 IorToFresnel0( vec3 transmittedIor, float incidentIor ) {
		return pow2( ( transmittedIor - vec3( incidentIor ) ) / ( transmittedIor + vec3( incidentIor ) ) );
	}
	float IorToFresnel0( float transmittedIor, float incidentIor ) {
		return pow2( ( transmittedIor - incidentIor ) / ( transmittedIor + incidentIor ));
	}
	vec3 evalSensitivity( float OPD, vec3 shift ) {
		float phase = 2.0 * PI * OPD * 1.0e-9;
		vec3 val = vec3( 5.4856e-13, 4.4201e-13, 5.2481e-13 );
		vec3 pos = vec3( 1.6810e+06, 1.7953e+06, 2.2084e+06 );
		vec3 var = vec3( 4.3278e+09, 9.3046e+09, 6.6121e+09 );
		vec3 xyz = val * sqrt( 2.0 * PI * var ) * cos( pos * phase + shift ) * exp( - pow2( phase ) * var );
		xyz.x += 9.7470e-14 * sqrt( 2.0 * PI * 4.5282e+09 ) * cos( 2.2399e+06 * phase + shift[ 0 ] ) * exp( - 4.5282e+09 * pow2( phase ) );
		xyz /= 1.0685e-7;
		vec3 rgb = XYZ_TO_REC709 * xyz;
		return rgb;
	}
	vec3 evalIridescence( float outsideIOR, float eta2, float cosTheta1, float thinFilmThickness, vec3 baseF0 ) {
		vec3 I;
		float iridescenceIOR = mix( outsideIOR, eta2, smoothstep( 0.0, 0.03, thinFilmThickness ) );
		float sinTheta2Sq = pow2( outsideIOR / iridescenceIOR ) * ( 1.0 - pow2( cosTheta1 ) );
		float cosTheta2Sq = 1.0 - sinTheta2Sq;
		if ( cosTheta2Sq < 0.0 ) {
			return vec3( 1.0 );
		}
		float cosTheta2 = sqrt( cosTheta2Sq );
		float R0 = IorToFresnel0( iridescenceIOR, outsideIOR );
		float R12 = F_Schlick( R0, 1.0, cosTheta1 );
		float T121 = 1.0 - R12;
		float phi12 = 0.0;
		if ( iridescenceIOR < outsideIOR ) phi12 = PI;
		float phi21 = PI - phi12;
		vec3 baseIOR = Fresnel0ToIor( clamp( baseF0, 0.0, 0.9999 ) );		vec3 R1 = IorToFresnel0( baseIOR, iridescenceIOR );
		vec3 R23 = F_Schlick( R1, 1.0, cosTheta2 );
		vec3 phi23 = vec3( 0.0 );
		if ( baseIOR[ 0 ] < iridescenceIOR ) phi23[ 0 ] = PI;
		if ( baseIOR[ 1 ] < iridescenceIOR ) phi23[ 1 ] = PI;
		if ( baseIOR[ 2 ] < iridescenceIOR ) phi23[ 2 ] = PI;
		float OPD = 2.0 * iridescenceIOR * thinFilmThickness * cosTheta2;
		vec3 phi = vec3( phi21 ) + phi23;
		vec3 R123 = clamp( R12 * R23, 1e-5, 0.9999 );
		vec3 r123 = sqrt( R123 );
		vec3 Rs = pow2( T121 ) * R23 / ( vec3( 1.0 ) - R123 );
		vec3 C0 = R12 + Rs;
		I = C0;
		vec3 Cm = Rs - T121;
		for ( int m = 1; m <= 2; ++ m ) {
			Cm *= r123;
			vec3 Sm = 2.0 * evalSensitivity( float( m ) * OPD, float( m ) * phi );
			I += Cm * Sm;
		}
		return max( I, vec3( 0.0 ) );
	}
#endif`,o_=`#ifdef USE_BUMPMAP
	uniform sampler2D bumpMap;
	uniform float bumpScale;
	vec2 dHdxy_fwd() {
		vec2 dSTdx = dFdx( vBumpMapUv );
		vec2 dSTdy = dFdy( vBumpMapUv );
		float Hll = bumpScale * texture2D( bumpMap, vBumpMapUv ).x;
		float dBx = bumpScale * texture2D( bumpMap, vBumpMapUv + dSTdx ).x - Hll;
		float dBy = bumpScale * texture2D( bumpMap, vBumpMapUv + dSTdy ).x - Hll;
		return vec2( dBx, dBy );
	}
	vec3 perturbNormalArb( vec3 surf_pos, vec3 surf_norm, vec2 dHdxy, float faceDirection ) {
		vec3 vSigmaX = normalize( dFdx( surf_pos.xyz ) );
		vec3 vSigmaY = normalize( dFdy( surf_pos.xyz ) );
		vec3 vN = surf_norm;
		vec3 R1 = cross( vSigmaY, vN );
		vec3 R2 = cross( vN, vSigmaX );
		float fDet = dot( vSigmaX, R1 ) * faceDirection;
		vec3 vGrad = sign( fDet ) * ( dHdxy.x * R1 + dHdxy.y * R2 );
		return normalize( abs( fDet ) * surf_norm - vGrad );
	}
#endif`,a_=`#if NUM_CLIPPING_PLANES > 0
	vec4 plane;
	#ifdef ALPHA_TO_COVERAGE
		float distanceToPlane, distanceGradient;
		float clipOpacity = 1.0;
		#pragma unroll_loop_start
		for ( int i = 0; i < UNION_CLIPPING_PLANES; i ++ ) {
			plane = clippingPlanes[ i ];
			distanceToPlane = - dot( vClipPosition, plane.xyz ) + plane.w;
			distanceGradient = fwidth( distanceToPlane ) / 2.0;
			clipOpacity *= smoothstep( - distanceGradient, distanceGradient, distanceToPlane );
			if ( clipOpacity == 0.0 ) discard;
		}
		#pragma unroll_loop_end
		#if UNION_CLIPPING_PLANES < NUM_CLIPPING_PLANES
			float unionClipOpacity = 1.0;
			#pragma unroll_loop_start
			for ( int i = UNION_CLIPPING_PLANES; i < NUM_CLIPPING_PLANES; i ++ ) {
				plane = clippingPlanes[ i ];
				distanceToPlane = - dot( vClipPosition, plane.xyz ) + plane.w;
				distanceGradient = fwidth( distanceToPlane ) / 2.0;
				unionClipOpacity *= 1.0 - smoothstep( - distanceGradient, distanceGradient, distanceToPlane );
			}
			#pragma unroll_loop_end
			clipOpacity *= 1.0 - unionClipOpacity;
		#endif
		diffuseColor.a *= clipOpacity;
		if ( diffuseColor.a == 0.0 ) discard;
	#else
		#pragma unroll_loop_start
		for ( int i = 0; i < UNION_CLIPPING_PLANES; i ++ ) {
			plane = clippingPlanes[ i ];
			if ( dot( vClipPosition, plane.xyz ) > plane.w ) discard;
		}
		#pragma unroll_loop_end
		#if UNION_CLIPPING_PLANES < NUM_CLIPPING_PLANES
			bool clipped = true;
			#pragma unroll_loop_start
			for ( int i = UNION_CLIPPING_PLANES; i < NUM_CLIPPING_PLANES; i ++ ) {
				plane = clippingPlanes[ i ];
				clipped = ( dot( vClipPosition, plane.xyz ) > plane.w ) && clipped;
			}
			#pragma unroll_loop_end
			if ( clipped ) discard;
		#endif
	#endif
#endif`,l_=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
	uniform vec4 clippingPlanes[ NUM_CLIPPING_PLANES ];
#endif`,c_=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
#endif`,h_=`#if NUM_CLIPPING_PLANES > 0
	vClipPosition = - mvPosition.xyz;
#endif`,u_=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	diffuseColor *= vColor;
#endif`,d_=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	varying vec4 vColor;
#endif`,f_=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
	varying vec4 vColor;
#endif`,p_=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
	vColor = vec4( 1.0 );
#endif
#ifdef USE_COLOR_ALPHA
	vColor *= color;
#elif defined( USE_COLOR )
	vColor.rgb *= color;
#endif
#ifdef USE_INSTANCING_COLOR
	vColor.rgb *= instanceColor.rgb;
#endif
#ifdef USE_BATCHING_COLOR
	vColor *= getBatchingColor( getIndirectIndex( gl_DrawID ) );
#endif`,m_=`#define PI 3.141592653589793
#define PI2 6.283185307179586
#define PI_HALF 1.5707963267948966
#define RECIPROCAL_PI 0.3183098861837907
#define RECIPROCAL_PI2 0.15915494309189535
#define EPSILON 1e-6
#ifndef saturate
#define saturate( a ) clamp( a, 0.0, 1.0 )
#endif
#define whiteComplement( a ) ( 1.0 - saturate( a ) )
float pow2( const in float x ) { return x*x; }
vec3 pow2( const in vec3 x ) { return x*x; }
float pow3( const in float x ) { return x*x*x; }
float pow4( const in float x ) { float x2 = x*x; return x2*x2; }
float max3( const in vec3 v ) { return max( max( v.x, v.y ), v.z ); }
float average( const in vec3 v ) { return dot( v, vec3( 0.3333333 ) ); }
highp float rand( const in vec2 uv ) {
	const highp float a = 12.9898, b = 78.233, c = 43758.5453;
	highp float dt = dot( uv.xy, vec2( a,b ) ), sn = mod( dt, PI );
	return fract( sin( sn ) * c );
}
#ifdef HIGH_PRECISION
	float precisionSafeLength( vec3 v ) { return length( v ); }
#else
	float precisionSafeLength( vec3 v ) {
		float maxComponent = max3( abs( v ) );
		return length( v / maxComponent ) * maxComponent;
	}
#endif
struct IncidentLight {
	vec3 color;
	vec3 direction;
	bool visible;
};
struct ReflectedLight {
	vec3 directDiffuse;
	vec3 directSpecular;
	vec3 indirectDiffuse;
	vec3 indirectSpecular;
};
#ifdef USE_ALPHAHASH
	varying vec3 vPosition;
#endif
vec3 transformDirection( in vec3 dir, in mat4 matrix ) {
	return normalize( ( matrix * vec4( dir, 0.0 ) ).xyz );
}
#define inverseTransformDirection transformDirectionByInverseViewMatrix
vec3 transformNormalByInverseViewMatrix( in vec3 normal, in mat4 viewMatrix ) {
	return normalize( ( vec4( normal, 0.0 ) * viewMatrix ).xyz );
}
vec3 transformDirectionByInverseViewMatrix( in vec3 dir, in mat4 viewMatrix ) {
	return normalize( ( vec4( dir, 0.0 ) * viewMatrix ).xyz );
}
bool isPerspectiveMatrix( mat4 m ) {
	return m[ 2 ][ 3 ] == - 1.0;
}
vec2 equirectUv( in vec3 dir ) {
	float u = atan( dir.z, dir.x ) * RECIPROCAL_PI2 + 0.5;
	float v = asin( clamp( dir.y, - 1.0, 1.0 ) ) * RECIPROCAL_PI + 0.5;
	return vec2( u, v );
}
vec3 BRDF_Lambert( const in vec3 diffuseColor ) {
	return RECIPROCAL_PI * diffuseColor;
}
vec3 F_Schlick( const in vec3 f0, const in float f90, const in float dotVH ) {
	float fresnel = exp2( ( - 5.55473 * dotVH - 6.98316 ) * dotVH );
	return f0 * ( 1.0 - fresnel ) + ( f90 * fresnel );
}
float F_Schlick( const in float f0, const in float f90, const in float dotVH ) {
	float fresnel = exp2( ( - 5.55473 * dotVH - 6.98316 ) * dotVH );
	return f0 * ( 1.0 - fresnel ) + ( f90 * fresnel );
} // validated`,g_=`vec3 transformedNormal = objectNormal;
#ifdef USE_TANGENT
	vec3 transformedTangent = objectTangent;
#endif
#ifdef USE_BATCHING
	mat3 bm = mat3( batchingMatrix );
	transformedNormal /= vec3( dot( bm[ 0 ], bm[ 0 ] ), dot( bm[ 1 ], bm[ 1 ] ), dot( bm[ 2 ], bm[ 2 ] ) );
	transformedNormal = bm * transformedNormal;
	#ifdef USE_TANGENT
		transformedTangent = bm * transformedTangent;
	#endif
#endif
#ifdef USE_INSTANCING
	mat3 im = mat3( instanceMatrix );
	transformedNormal /= vec3( dot( im[ 0 ], im[ 0 ] ), dot( im[ 1 ], im[ 1 ] ), dot( im[ 2 ], im[ 2 ] ) );
	transformedNormal = im * transformedNormal;
	#ifdef USE_TANGENT
		transformedTangent = im * transformedTangent;
	#endif
#endif
transformedNormal = normalMatrix * transformedNormal;
#ifdef FLIP_SIDED
	transformedNormal = - transformedNormal;
#endif
#ifdef USE_TANGENT
	transformedTangent = ( modelViewMatrix * vec4( transformedTangent, 0.0 ) ).xyz;
#endif`,__=`#ifdef USE_DISPLACEMENTMAP
	uniform sampler2D displacementMap;
	uniform float displacementScale;
	uniform float displacementBias;
#endif`,x_=`#ifdef USE_DISPLACEMENTMAP
	transformed += normalize( objectNormal ) * ( texture2D( displacementMap, vDisplacementMapUv ).x * displacementScale + displacementBias );
#endif`,y_=`#ifdef USE_EMISSIVEMAP
	vec4 emissiveColor = texture2D( emissiveMap, vEmissiveMapUv );
	#ifdef DECODE_VIDEO_TEXTURE_EMISSIVE
		emissiveColor = sRGBTransferEOTF( emissiveColor );
	#endif
	totalEmissiveRadiance *= emissiveColor.rgb;
#endif`,v_=`#ifdef USE_EMISSIVEMAP
	uniform sampler2D emissiveMap;
#endif`,S_="gl_FragColor = linearToOutputTexel( gl_FragColor );",b_=`vec4 LinearTransferOETF( in vec4 value ) {
	return value;
}
vec4 sRGBTransferEOTF( in vec4 value ) {
	return vec4( mix( pow( value.rgb * 0.9478672986 + vec3( 0.0521327014 ), vec3( 2.4 ) ), value.rgb * 0.0773993808, vec3( lessThanEqual( value.rgb, vec3( 0.04045 ) ) ) ), value.a );
}
vec4 sRGBTransferOETF( in vec4 value ) {
	return vec4( mix( pow( value.rgb, vec3( 0.41666 ) ) * 1.055 - vec3( 0.055 ), value.rgb * 12.92, vec3( lessThanEqual( value.rgb, vec3( 0.0031308 ) ) ) ), value.a );
}`,M_=`#ifdef USE_ENVMAP
	#ifdef ENV_WORLDPOS
		vec3 cameraToFrag;
		if ( isOrthographic ) {
			cameraToFrag = normalize( vec3( - viewMatrix[ 0 ][ 2 ], - viewMatrix[ 1 ][ 2 ], - viewMatrix[ 2 ][ 2 ] ) );
		} else {
			cameraToFrag = normalize( vWorldPosition - cameraPosition );
		}
		vec3 worldNormal = transformNormalByInverseViewMatrix( normal, viewMatrix );
		#ifdef ENVMAP_MODE_REFLECTION
			vec3 reflectVec = reflect( cameraToFrag, worldNormal );
		#else
			vec3 reflectVec = refract( cameraToFrag, worldNormal, refractionRatio );
		#endif
	#else
		vec3 reflectVec = vReflect;
	#endif
	#ifdef ENVMAP_TYPE_CUBE
		vec4 envColor = textureCube( envMap, envMapRotation * reflectVec );
		#ifdef ENVMAP_BLENDING_MULTIPLY
			outgoingLight = mix( outgoingLight, outgoingLight * envColor.xyz, specularStrength * reflectivity );
		#elif defined( ENVMAP_BLENDING_MIX )
			outgoingLight = mix( outgoingLight, envColor.xyz, specularStrength * reflectivity );
		#elif defined( ENVMAP_BLENDING_ADD )
			outgoingLight += envColor.xyz * specularStrength * reflectivity;
		#endif
	#endif
#endif`,w_=`#ifdef USE_ENVMAP
	uniform float envMapIntensity;
	uniform mat3 envMapRotation;
	uniform samplerCube envMap;
	#ifdef ENVMAP_TYPE_PMREM
		float roughnessToMip( const in float roughness ) {
			float r = clamp( roughness, 0.0, 1.0 );
			return ENVMAP_MAX_LOD * r * ( 2.0 - r );
		}
	#endif
#endif`,T_=`#ifdef USE_ENVMAP
	uniform float reflectivity;
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		varying vec3 vWorldPosition;
		uniform float refractionRatio;
	#else
		varying vec3 vReflect;
	#endif
#endif`,E_=`#ifdef USE_ENVMAP
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		
		varying vec3 vWorldPosition;
	#else
		varying vec3 vReflect;
		uniform float refractionRatio;
	#endif
#endif`,A_=`#ifdef USE_ENVMAP
	#ifdef ENV_WORLDPOS
		vWorldPosition = worldPosition.xyz;
	#else
		vec3 cameraToVertex;
		if ( isOrthographic ) {
			cameraToVertex = normalize( vec3( - viewMatrix[ 0 ][ 2 ], - viewMatrix[ 1 ][ 2 ], - viewMatrix[ 2 ][ 2 ] ) );
		} else {
			cameraToVertex = normalize( worldPosition.xyz - cameraPosition );
		}
		vec3 worldNormal = transformNormalByInverseViewMatrix( transformedNormal, viewMatrix );
		#ifdef ENVMAP_MODE_REFLECTION
			vReflect = reflect( cameraToVertex, worldNormal );
		#else
			vReflect = refract( cameraToVertex, worldNormal, refractionRatio );
		#endif
	#endif
#endif`,C_=`#ifdef USE_FOG
	vFogDepth = - mvPosition.z;
#endif`,R_=`#ifdef USE_FOG
	varying float vFogDepth;
#endif`,P_=`#ifdef USE_FOG
	#ifdef FOG_EXP2
		float fogFactor = 1.0 - exp( - fogDensity * fogDensity * vFogDepth * vFogDepth );
	#else
		float fogFactor = smoothstep( fogNear, fogFar, vFogDepth );
	#endif
	gl_FragColor.rgb = mix( gl_FragColor.rgb, fogColor, fogFactor );
#endif`,I_=`#ifdef USE_FOG
	uniform vec3 fogColor;
	varying float vFogDepth;
	#ifdef FOG_EXP2
		uniform float fogDensity;
	#else
		uniform float fogNear;
		uniform float fogFar;
	#endif
#endif`,L_=`#ifdef USE_GRADIENTMAP
	uniform sampler2D gradientMap;
#endif
vec3 getGradientIrradiance( vec3 normal, vec3 lightDirection ) {
	float dotNL = dot( normal, lightDirection );
	vec2 coord = vec2( dotNL * 0.5 + 0.5, 0.0 );
	#ifdef USE_GRADIENTMAP
		return vec3( texture2D( gradientMap, coord ).r );
	#else
		vec2 fw = fwidth( coord ) * 0.5;
		return mix( vec3( 0.7 ), vec3( 1.0 ), smoothstep( 0.7 - fw.x, 0.7 + fw.x, coord.x ) );
	#endif
}`,D_=`#ifdef USE_LIGHTMAP
	uniform sampler2D lightMap;
	uniform float lightMapIntensity;
#endif`,N_=`LambertMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularStrength = specularStrength;`,U_=`varying vec3 vViewPosition;
struct LambertMaterial {
	vec3 diffuseColor;
	float specularStrength;
};
void RE_Direct_Lambert( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in LambertMaterial material, inout ReflectedLight reflectedLight ) {
	float dotNL = saturate( dot( geometryNormal, directLight.direction ) );
	vec3 irradiance = dotNL * directLight.color;
	reflectedLight.directDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
void RE_IndirectDiffuse_Lambert( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in LambertMaterial material, inout ReflectedLight reflectedLight ) {
	reflectedLight.indirectDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
#define RE_Direct				RE_Direct_Lambert
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Lambert`,F_=`uniform bool receiveShadow;
uniform vec3 ambientLightColor;
#if defined( USE_LIGHT_PROBES )
	uniform vec3 lightProbe[ 9 ];
#endif
vec3 shGetIrradianceAt( in vec3 normal, in vec3 shCoefficients[ 9 ] ) {
	float x = normal.x, y = normal.y, z = normal.z;
	vec3 result = shCoefficients[ 0 ] * 0.886227;
	result += shCoefficients[ 1 ] * 2.0 * 0.511664 * y;
	result += shCoefficients[ 2 ] * 2.0 * 0.511664 * z;
	result += shCoefficients[ 3 ] * 2.0 * 0.511664 * x;
	result += shCoefficients[ 4 ] * 2.0 * 0.429043 * x * y;
	result += shCoefficients[ 5 ] * 2.0 * 0.429043 * y * z;
	result += shCoefficients[ 6 ] * ( 0.743125 * z * z - 0.247708 );
	result += shCoefficients[ 7 ] * 2.0 * 0.429043 * x * z;
	result += shCoefficients[ 8 ] * 0.429043 * ( x * x - y * y );
	return result;
}
vec3 getLightProbeIrradiance( const in vec3 lightProbe[ 9 ], const in vec3 normal ) {
	vec3 worldNormal = transformNormalByInverseViewMatrix( normal, viewMatrix );
	vec3 irradiance = shGetIrradianceAt( worldNormal, lightProbe );
	return irradiance;
}
vec3 getAmbientLightIrradiance( const in vec3 ambientLightColor ) {
	vec3 irradiance = ambientLightColor;
	return irradiance;
}
float getDistanceAttenuation( const in float lightDistance, const in float cutoffDistance, const in float decayExponent ) {
	float distanceFalloff = 1.0 / max( pow( lightDistance, decayExponent ), 0.01 );
	if ( cutoffDistance > 0.0 ) {
		distanceFalloff *= pow2( saturate( 1.0 - pow4( lightDistance / cutoffDistance ) ) );
	}
	return distanceFalloff;
}
float getSpotAttenuation( const in float coneCosine, const in float penumbraCosine, const in float angleCosine ) {
	return smoothstep( coneCosine, penumbraCosine, angleCosine );
}
#if NUM_SUN_LIGHTS > 0
	struct SunLight {
		vec3 direction;
		vec3 color;
	};
	uniform SunLight sunLights[ NUM_SUN_LIGHTS ];
	void getSunLightInfo( const in SunLight sunLight, out IncidentLight light ) {
		light.color = sunLight.color;
		light.direction = sunLight.direction;
		light.visible = true;
	}
#endif
#if NUM_DIR_LIGHTS > 0
	struct DirectionalLight {
		vec3 direction;
		vec3 color;
	};
	uniform DirectionalLight directionalLights[ NUM_DIR_LIGHTS ];
	void getDirectionalLightInfo( const in DirectionalLight directionalLight, out IncidentLight light ) {
		light.color = directionalLight.color;
		light.direction = directionalLight.direction;
		light.visible = true;
	}
#endif
#if NUM_POINT_LIGHTS > 0
	struct PointLight {
		vec3 position;
		vec3 color;
		float distance;
		float decay;
	};
	uniform PointLight pointLights[ NUM_POINT_LIGHTS ];
	void getPointLightInfo( const in PointLight pointLight, const in vec3 geometryPosition, out IncidentLight light ) {
		vec3 lVector = pointLight.position - geometryPosition;
		light.direction = normalize( lVector );
		float lightDistance = length( lVector );
		light.color = pointLight.color;
		light.color *= getDistanceAttenuation( lightDistance, pointLight.distance, pointLight.decay );
		light.visible = ( light.color != vec3( 0.0 ) );
	}
#endif
#if NUM_SPOT_LIGHTS > 0
	struct SpotLight {
		vec3 position;
		vec3 direction;
		vec3 color;
		float distance;
		float decay;
		float coneCos;
		float penumbraCos;
	};
	uniform SpotLight spotLights[ NUM_SPOT_LIGHTS ];
	void getSpotLightInfo( const in SpotLight spotLight, const in vec3 geometryPosition, out IncidentLight light ) {
		vec3 lVector = spotLight.position - geometryPosition;
		light.direction = normalize( lVector );
		float angleCos = dot( light.direction, spotLight.direction );
		float spotAttenuation = getSpotAttenuation( spotLight.coneCos, spotLight.penumbraCos, angleCos );
		if ( spotAttenuation > 0.0 ) {
			float lightDistance = length( lVector );
			light.color = spotLight.color * spotAttenuation;
			light.color *= getDistanceAttenuation( lightDistance, spotLight.distance, spotLight.decay );
			light.visible = ( light.color != vec3( 0.0 ) );
		} else {
			light.color = vec3( 0.0 );
			light.visible = false;
		}
	}
#endif
#if NUM_RECT_AREA_LIGHTS > 0
	struct RectAreaLight {
		vec3 color;
		vec3 position;
		vec3 halfWidth;
		vec3 halfHeight;
	};
	uniform sampler2D ltc_1;	uniform sampler2D ltc_2;
	uniform RectAreaLight rectAreaLights[ NUM_RECT_AREA_LIGHTS ];
#endif
#if NUM_HEMI_LIGHTS > 0
	struct HemisphereLight {
		vec3 direction;
		vec3 skyColor;
		vec3 groundColor;
	};
	uniform HemisphereLight hemisphereLights[ NUM_HEMI_LIGHTS ];
	vec3 getHemisphereLightIrradiance( const in HemisphereLight hemiLight, const in vec3 normal ) {
		float dotNL = dot( normal, hemiLight.direction );
		float hemiDiffuseWeight = 0.5 * dotNL + 0.5;
		vec3 irradiance = mix( hemiLight.groundColor, hemiLight.skyColor, hemiDiffuseWeight );
		return irradiance;
	}
#endif
#include <lightprobes_pars_fragment>`,O_=`#ifdef USE_ENVMAP
	vec3 getIBLIrradiance( const in vec3 normal ) {
		#ifdef ENVMAP_TYPE_PMREM
			vec3 worldNormal = transformNormalByInverseViewMatrix( normal, viewMatrix );
			vec4 envMapColor = textureLod( envMap, envMapRotation * worldNormal, ENVMAP_MAX_LOD );
			return PI * envMapColor.rgb * envMapIntensity;
		#else
			return vec3( 0.0 );
		#endif
	}
	vec3 getIBLRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness ) {
		#ifdef ENVMAP_TYPE_PMREM
			vec3 reflectVec = reflect( - viewDir, normal );
			reflectVec = normalize( mix( reflectVec, normal, pow4( roughness ) ) );
			reflectVec = transformDirectionByInverseViewMatrix( reflectVec, viewMatrix );
			vec4 envMapColor = textureLod( envMap, envMapRotation * reflectVec, roughnessToMip( roughness ) );
			return envMapColor.rgb * envMapIntensity;
		#else
			return vec3( 0.0 );
		#endif
	}
	#ifdef USE_RETROREFLECTION
		vec3 getIBLRetroRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness ) {
			#ifdef ENVMAP_TYPE_PMREM
				vec3 retroVec = normalize( mix( viewDir, normal, pow4( roughness ) ) );
				retroVec = transformDirectionByInverseViewMatrix( retroVec, viewMatrix );
				vec4 envMapColor = textureLod( envMap, envMapRotation * retroVec, roughnessToMip( roughness ) );
				return envMapColor.rgb * envMapIntensity;
			#else
				return vec3( 0.0 );
			#endif
		}
	#endif
	#ifdef USE_ANISOTROPY
		vec3 getIBLAnisotropyRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness, const in vec3 bitangent, const in float anisotropy ) {
			#ifdef ENVMAP_TYPE_PMREM
				vec3 bentNormal = cross( bitangent, viewDir );
				bentNormal = normalize( cross( bentNormal, bitangent ) );
				bentNormal = normalize( mix( bentNormal, normal, pow2( pow2( 1.0 - anisotropy * ( 1.0 - roughness ) ) ) ) );
				return getIBLRadiance( viewDir, bentNormal, roughness );
			#else
				return vec3( 0.0 );
			#endif
		}
		#ifdef USE_RETROREFLECTION
			vec3 getIBLAnisotropyRetroRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness, const in vec3 bitangent, const in float anisotropy ) {
				#ifdef ENVMAP_TYPE_PMREM
					vec3 bentNormal = cross( bitangent, viewDir );
					bentNormal = normalize( cross( bentNormal, bitangent ) );
					bentNormal = normalize( mix( bentNormal, normal, pow2( pow2( 1.0 - anisotropy * ( 1.0 - roughness ) ) ) ) );
					return getIBLRetroRadiance( viewDir, bentNormal, roughness );
				#else
					return vec3( 0.0 );
				#endif
			}
		#endif
	#endif
#endif`,B_=`ToonMaterial material;
material.diffuseColor = diffuseColor.rgb;`,k_=`varying vec3 vViewPosition;
struct ToonMaterial {
	vec3 diffuseColor;
};
void RE_Direct_Toon( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in ToonMaterial material, inout ReflectedLight reflectedLight ) {
	vec3 irradiance = getGradientIrradiance( geometryNormal, directLight.direction ) * directLight.color;
	reflectedLight.directDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
void RE_IndirectDiffuse_Toon( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in ToonMaterial material, inout ReflectedLight reflectedLight ) {
	reflectedLight.indirectDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
#define RE_Direct				RE_Direct_Toon
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Toon`,z_=`BlinnPhongMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularColor = specular;
material.specularShininess = shininess;
material.specularStrength = specularStrength;`,V_=`varying vec3 vViewPosition;
struct BlinnPhongMaterial {
	vec3 diffuseColor;
	vec3 specularColor;
	float specularShininess;
	float specularStrength;
};
void RE_Direct_BlinnPhong( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in BlinnPhongMaterial material, inout ReflectedLight reflectedLight ) {
	float dotNL = saturate( dot( geometryNormal, directLight.direction ) );
	vec3 irradiance = dotNL * directLight.color;
	reflectedLight.directDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
	reflectedLight.directSpecular += irradiance * BRDF_BlinnPhong( directLight.direction, geometryViewDir, geometryNormal, material.specularColor, material.specularShininess ) * material.specularStrength;
}
void RE_IndirectDiffuse_BlinnPhong( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in BlinnPhongMaterial material, inout ReflectedLight reflectedLight ) {
	reflectedLight.indirectDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
#define RE_Direct				RE_Direct_BlinnPhong
#define RE_IndirectDiffuse		RE_IndirectDiffuse_BlinnPhong`,H_=`PhysicalMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.diffuseContribution = diffuseColor.rgb * ( 1.0 - metalnessFactor );
material.metalness = metalnessFactor;
vec3 dxy = max( abs( dFdx( nonPerturbedNormal ) ), abs( dFdy( nonPerturbedNormal ) ) );
float geometryRoughness = max( max( dxy.x, dxy.y ), dxy.z );
material.roughness = max( roughnessFactor, 0.045 );
material.roughness += geometryRoughness;
material.roughness = min( material.roughness, 1.0 );
#ifdef USE_DIFFUSE_ROUGHNESS
	float diffuseRoughnessFactor = diffuseRoughness;
	#ifdef USE_DIFFUSE_ROUGHNESSMAP
		diffuseRoughnessFactor *= texture2D( diffuseRoughnessMap, vDiffuseRoughnessMapUv ).r;
	#endif
	material.diffuseRoughness = saturate( diffuseRoughnessFactor );
#endif
#ifdef IOR
	material.ior = ior;
	#ifdef USE_SPECULAR
		float specularIntensityFactor = specularIntensity;
		vec3 specularColorFactor = specularColor;
		#ifdef USE_SPECULAR_COLORMAP
			specularColorFactor *= texture2D( specularColorMap, vSpecularColorMapUv ).rgb;
		#endif
		#ifdef USE_SPECULAR_INTENSITYMAP
			specularIntensityFactor *= texture2D( specularIntensityMap, vSpecularIntensityMapUv ).a;
		#endif
		material.specularF90 = mix( specularIntensityFactor, 1.0, metalnessFactor );
	#else
		float specularIntensityFactor = 1.0;
		vec3 specularColorFactor = vec3( 1.0 );
		material.specularF90 = 1.0;
	#endif
	material.specularColor = min( pow2( ( material.ior - 1.0 ) / ( material.ior + 1.0 ) ) * specularColorFactor, vec3( 1.0 ) ) * specularIntensityFactor;
	material.specularColorBlended = mix( material.specularColor, diffuseColor.rgb, metalnessFactor );
#else
	material.specularColor = vec3( 0.04 );
	material.specularColorBlended = mix( material.specularColor, diffuseColor.rgb, metalnessFactor );
	material.specularF90 = 1.0;
#endif
#ifdef USE_CLEARCOAT
	material.clearcoat = clearcoat;
	material.clearcoatRoughness = clearcoatRoughness;
	material.clearcoatF0 = vec3( 0.04 );
	material.clearcoatF90 = 1.0;
	#ifdef USE_CLEARCOATMAP
		material.clearcoat *= texture2D( clearcoatMap, vClearcoatMapUv ).x;
	#endif
	#ifdef USE_CLEARCOAT_ROUGHNESSMAP
		material.clearcoatRoughness *= texture2D( clearcoatRoughnessMap, vClearcoatRoughnessMapUv ).y;
	#endif
	material.clearcoat = saturate( material.clearcoat );	material.clearcoatRoughness = max( material.clearcoatRoughness, 0.045 );
	material.clearcoatRoughness += geometryRoughness;
	material.clearcoatRoughness = min( material.clearcoatRoughness, 1.0 );
#endif
#ifdef USE_DISPERSION
	material.dispersion = dispersion;
#endif
#ifdef USE_RETROREFLECTION
	material.retroreflectivity = retroreflectivity;
#endif
#ifdef USE_IRIDESCENCE
	material.iridescence = iridescence;
	material.iridescenceIOR = iridescenceIOR;
	#ifdef USE_IRIDESCENCEMAP
		material.iridescence *= texture2D( iridescenceMap, vIridescenceMapUv ).r;
	#endif
	#ifdef USE_IRIDESCENCE_THICKNESSMAP
		material.iridescenceThickness = (iridescenceThicknessMaximum - iridescenceThicknessMinimum) * texture2D( iridescenceThicknessMap, vIridescenceThicknessMapUv ).g + iridescenceThicknessMinimum;
	#else
		material.iridescenceThickness = iridescenceThicknessMaximum;
	#endif
#endif
#ifdef USE_SHEEN
	material.sheenColor = sheenColor;
	#ifdef USE_SHEEN_COLORMAP
		material.sheenColor *= texture2D( sheenColorMap, vSheenColorMapUv ).rgb;
	#endif
	material.sheenRoughness = clamp( sheenRoughness, 0.0001, 1.0 );
	#ifdef USE_SHEEN_ROUGHNESSMAP
		material.sheenRoughness *= texture2D( sheenRoughnessMap, vSheenRoughnessMapUv ).a;
	#endif
#endif
#ifdef USE_ANISOTROPY
	#ifdef USE_ANISOTROPYMAP
		mat2 anisotropyMat = mat2( anisotropyVector.x, anisotropyVector.y, - anisotropyVector.y, anisotropyVector.x );
		vec3 anisotropyPolar = texture2D( anisotropyMap, vAnisotropyMapUv ).rgb;
		vec2 anisotropyV = anisotropyMat * normalize( 2.0 * anisotropyPolar.rg - vec2( 1.0 ) ) * anisotropyPolar.b;
	#else
		vec2 anisotropyV = anisotropyVector;
	#endif
	material.anisotropy = length( anisotropyV );
	if( material.anisotropy == 0.0 ) {
		anisotropyV = vec2( 1.0, 0.0 );
	} else {
		anisotropyV /= material.anisotropy;
		material.anisotropy = saturate( material.anisotropy );
	}
	material.alphaT = mix( pow2( material.roughness ), 1.0, pow2( material.anisotropy ) );
	material.anisotropyT = tbn[ 0 ] * anisotropyV.x + tbn[ 1 ] * anisotropyV.y;
	material.anisotropyB = tbn[ 1 ] * anisotropyV.x - tbn[ 0 ] * anisotropyV.y;
#endif`,G_=`uniform sampler2D dfgLUT;
struct PhysicalMaterial {
	vec3 diffuseColor;
	vec3 diffuseContribution;
	vec3 specularColor;
	vec3 specularColorBlended;
	float roughness;
	float metalness;
	float specularF90;
	float dispersion;
	vec2 dfg;
	vec3 multiScatteringCompensation;
	#ifdef USE_DIFFUSE_ROUGHNESS
		float diffuseRoughness;
	#endif
	#ifdef USE_RETROREFLECTION
		float retroreflectivity;
	#endif
	#ifdef USE_CLEARCOAT
		float clearcoat;
		float clearcoatRoughness;
		vec3 clearcoatF0;
		float clearcoatF90;
	#endif
	#ifdef USE_IRIDESCENCE
		float iridescence;
		float iridescenceIOR;
		float iridescenceThickness;
		vec3 iridescenceFresnel;
		vec3 iridescenceF0Dielectric;
		vec3 iridescenceF0Metallic;
	#endif
	#ifdef USE_SHEEN
		vec3 sheenColor;
		float sheenRoughness;
	#endif
	#ifdef IOR
		float ior;
	#endif
	#ifdef USE_TRANSMISSION
		float transmission;
		float transmissionAlpha;
		float thickness;
		float attenuationDistance;
		vec3 attenuationColor;
	#endif
	#ifdef USE_ANISOTROPY
		float anisotropy;
		float alphaT;
		vec3 anisotropyT;
		vec3 anisotropyB;
	#endif
};
vec3 clearcoatSpecularDirect = vec3( 0.0 );
vec3 clearcoatSpecularIndirect = vec3( 0.0 );
vec3 sheenSpecularDirect = vec3( 0.0 );
vec3 sheenSpecularIndirect = vec3(0.0 );
vec3 Schlick_to_F0( const in vec3 f, const in float f90, const in float dotVH ) {
    float x = clamp( 1.0 - dotVH, 0.0, 1.0 );
    float x2 = x * x;
    float x5 = clamp( x * x2 * x2, 0.0, 0.9999 );
    return ( f - vec3( f90 ) * x5 ) / ( 1.0 - x5 );
}
#ifdef USE_DIFFUSE_ROUGHNESS
	const float EON_EPSILON = 1e-7;
	float FON_DirectionalAlbedo( const in float mu, const in float roughness, const in float A ) {
		float muComp = 1.0 - mu;
		float gOverPi = muComp * ( 0.0571085289 + muComp * ( 0.491881867 + muComp * ( - 0.332181442 + muComp * 0.0714429953 ) ) );
		return A * ( 1.0 + roughness * gOverPi );
	}
	vec3 BRDF_EON( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in vec3 diffuseColor, const in float roughness ) {
		vec3 rho = saturate( diffuseColor );
		if ( roughness <= EON_EPSILON ) return BRDF_Lambert( rho );
		float dotNL = saturate( dot( normal, lightDir ) );
		float dotNV = saturate( dot( normal, viewDir ) );
		float s = dot( lightDir, viewDir ) - dotNL * dotNV;
		float sOverT = ( s > 0.0 ) ? s / max( max( dotNL, dotNV ), EON_EPSILON ) : s;
		float A = 1.0 / ( 1.0 + ( 0.5 - 2.0 / ( 3.0 * PI ) ) * roughness );
		vec3 singleScatter = rho * RECIPROCAL_PI * A * ( 1.0 + roughness * sOverT );
		float averageAlbedo = A * ( 1.0 + ( 2.0 / 3.0 - 28.0 / ( 15.0 * PI ) ) * roughness );
		float albedoV = FON_DirectionalAlbedo( dotNV, roughness, A );
		float albedoL = FON_DirectionalAlbedo( dotNL, roughness, A );
		vec3 rhoMultiScatter = rho * rho * averageAlbedo / max( vec3( EON_EPSILON ), vec3( 1.0 ) - rho * ( 1.0 - averageAlbedo ) );
		vec3 multiScatter = rhoMultiScatter * RECIPROCAL_PI
			* max( EON_EPSILON, 1.0 - albedoV )
			* max( EON_EPSILON, 1.0 - albedoL )
			/ max( EON_EPSILON, 1.0 - averageAlbedo );
		return singleScatter + multiScatter;
	}
	vec3 EON_DirectionalAlbedo( const in vec3 diffuseColor, const in float roughness, const in float dotNV ) {
		vec3 rho = saturate( diffuseColor );
		if ( roughness <= EON_EPSILON ) return rho;
		float A = 1.0 / ( 1.0 + ( 0.5 - 2.0 / ( 3.0 * PI ) ) * roughness );
		float directionalAlbedo = FON_DirectionalAlbedo( dotNV, roughness, A );
		float averageAlbedo = A * ( 1.0 + ( 2.0 / 3.0 - 28.0 / ( 15.0 * PI ) ) * roughness );
		vec3 rhoMultiScatter = rho * rho * averageAlbedo / max( vec3( EON_EPSILON ), vec3( 1.0 ) - rho * ( 1.0 - averageAlbedo ) );
		return rho * directionalAlbedo + rhoMultiScatter * ( 1.0 - directionalAlbedo );
	}
#endif
float V_GGX_SmithCorrelated( const in float alpha, const in float dotNL, const in float dotNV ) {
	float a2 = pow2( alpha );
	float gv = dotNL * sqrt( a2 + ( 1.0 - a2 ) * pow2( dotNV ) );
	float gl = dotNV * sqrt( a2 + ( 1.0 - a2 ) * pow2( dotNL ) );
	return 0.5 / max( gv + gl, EPSILON );
}
float D_GGX( const in float alpha, const in float dotNH ) {
	float a2 = pow2( alpha );
	float denom = pow2( dotNH ) * ( a2 - 1.0 ) + 1.0;
	return RECIPROCAL_PI * a2 / pow2( denom );
}
#ifdef USE_ANISOTROPY
	float V_GGX_SmithCorrelated_Anisotropic( const in float alphaT, const in float alphaB, const in float dotTV, const in float dotBV, const in float dotTL, const in float dotBL, const in float dotNV, const in float dotNL ) {
		float gv = dotNL * length( vec3( alphaT * dotTV, alphaB * dotBV, dotNV ) );
		float gl = dotNV * length( vec3( alphaT * dotTL, alphaB * dotBL, dotNL ) );
		return 0.5 / max( gv + gl, EPSILON );
	}
	float D_GGX_Anisotropic( const in float alphaT, const in float alphaB, const in float dotNH, const in float dotTH, const in float dotBH ) {
		float a2 = alphaT * alphaB;
		highp vec3 v = vec3( alphaB * dotTH, alphaT * dotBH, a2 * dotNH );
		highp float v2 = dot( v, v );
		float w2 = a2 / v2;
		return RECIPROCAL_PI * a2 * pow2 ( w2 );
	}
#endif
#ifdef USE_CLEARCOAT
	vec3 BRDF_GGX_Clearcoat( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in PhysicalMaterial material) {
		vec3 f0 = material.clearcoatF0;
		float f90 = material.clearcoatF90;
		float roughness = max( material.clearcoatRoughness, 0.045 );
		float alpha = pow2( roughness );
		vec3 halfDir = normalize( lightDir + viewDir );
		float dotNL = saturate( dot( normal, lightDir ) );
		float dotNV = saturate( dot( normal, viewDir ) );
		float dotNH = saturate( dot( normal, halfDir ) );
		float dotVH = saturate( dot( viewDir, halfDir ) );
		vec3 F = F_Schlick( f0, f90, dotVH );
		float V = V_GGX_SmithCorrelated( alpha, dotNL, dotNV );
		float D = D_GGX( alpha, dotNH );
		return F * ( V * D );
	}
#endif
vec3 BRDF_GGX( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in PhysicalMaterial material ) {
	vec3 f0 = material.specularColorBlended;
	float f90 = material.specularF90;
	float roughness = max( material.roughness, 0.045 );
	float alpha = pow2( roughness );
	vec3 halfDir = normalize( lightDir + viewDir );
	float dotNL = saturate( dot( normal, lightDir ) );
	float dotNV = saturate( dot( normal, viewDir ) );
	float dotNH = saturate( dot( normal, halfDir ) );
	float dotVH = saturate( dot( viewDir, halfDir ) );
	vec3 F = F_Schlick( f0, f90, dotVH );
	#ifdef USE_IRIDESCENCE
		F = mix( F, material.iridescenceFresnel, material.iridescence );
	#endif
	#ifdef USE_ANISOTROPY
		float dotTL = dot( material.anisotropyT, lightDir );
		float dotTV = dot( material.anisotropyT, viewDir );
		float dotTH = dot( material.anisotropyT, halfDir );
		float dotBL = dot( material.anisotropyB, lightDir );
		float dotBV = dot( material.anisotropyB, viewDir );
		float dotBH = dot( material.anisotropyB, halfDir );
		float alphaT = max( material.alphaT, alpha );
		float V = V_GGX_SmithCorrelated_Anisotropic( alphaT, alpha, dotTV, dotBV, dotTL, dotBL, dotNV, dotNL );
		float D = D_GGX_Anisotropic( alphaT, alpha, dotNH, dotTH, dotBH );
	#else
		float V = V_GGX_SmithCorrelated( alpha, dotNL, dotNV );
		float D = D_GGX( alpha, dotNH );
	#endif
	return F * ( V * D );
}
vec2 LTC_Uv( const in vec3 N, const in vec3 V, const in float roughness ) {
	const float LUT_SIZE = 64.0;
	const float LUT_SCALE = ( LUT_SIZE - 1.0 ) / LUT_SIZE;
	const float LUT_BIAS = 0.5 / LUT_SIZE;
	float dotNV = saturate( dot( N, V ) );
	vec2 uv = vec2( roughness, sqrt( 1.0 - dotNV ) );
	uv = uv * LUT_SCALE + LUT_BIAS;
	return uv;
}
float LTC_ClippedSphereFormFactor( const in vec3 f ) {
	float l = length( f );
	return max( ( l * l + f.z ) / ( l + 1.0 ), 0.0 );
}
vec3 LTC_EdgeVectorFormFactor( const in vec3 v1, const in vec3 v2 ) {
	float x = dot( v1, v2 );
	float y = abs( x );
	float a = 0.8543985 + ( 0.4965155 + 0.0145206 * y ) * y;
	float b = 3.4175940 + ( 4.1616724 + y ) * y;
	float v = a / b;
	float theta_sintheta = ( x > 0.0 ) ? v : 0.5 * inversesqrt( max( 1.0 - x * x, 1e-7 ) ) - v;
	return cross( v1, v2 ) * theta_sintheta;
}
vec3 LTC_Evaluate( const in vec3 N, const in vec3 V, const in vec3 P, const in mat3 mInv, const in vec3 rectCoords[ 4 ] ) {
	vec3 v1 = rectCoords[ 1 ] - rectCoords[ 0 ];
	vec3 v2 = rectCoords[ 3 ] - rectCoords[ 0 ];
	vec3 lightNormal = cross( v1, v2 );
	if( dot( lightNormal, P - rectCoords[ 0 ] ) < 0.0 ) return vec3( 0.0 );
	vec3 T1, T2;
	T1 = normalize( V - N * dot( V, N ) );
	T2 = - cross( N, T1 );
	mat3 mat = mInv * transpose( mat3( T1, T2, N ) );
	vec3 coords[ 4 ];
	coords[ 0 ] = mat * ( rectCoords[ 0 ] - P );
	coords[ 1 ] = mat * ( rectCoords[ 1 ] - P );
	coords[ 2 ] = mat * ( rectCoords[ 2 ] - P );
	coords[ 3 ] = mat * ( rectCoords[ 3 ] - P );
	coords[ 0 ] = normalize( coords[ 0 ] );
	coords[ 1 ] = normalize( coords[ 1 ] );
	coords[ 2 ] = normalize( coords[ 2 ] );
	coords[ 3 ] = normalize( coords[ 3 ] );
	vec3 vectorFormFactor = vec3( 0.0 );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 0 ], coords[ 1 ] );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 1 ], coords[ 2 ] );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 2 ], coords[ 3 ] );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 3 ], coords[ 0 ] );
	float result = LTC_ClippedSphereFormFactor( vectorFormFactor );
	return vec3( result );
}
#if defined( USE_SHEEN )
float D_Charlie( float roughness, float dotNH ) {
	float alpha = pow2( roughness );
	float invAlpha = 1.0 / alpha;
	float cos2h = dotNH * dotNH;
	float sin2h = max( 1.0 - cos2h, 0.0078125 );
	return ( 2.0 + invAlpha ) * pow( sin2h, invAlpha * 0.5 ) / ( 2.0 * PI );
}
float V_Neubelt( float dotNV, float dotNL ) {
	return saturate( 1.0 / ( 4.0 * ( dotNL + dotNV - dotNL * dotNV ) ) );
}
vec3 BRDF_Sheen( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, vec3 sheenColor, const in float sheenRoughness ) {
	vec3 halfDir = normalize( lightDir + viewDir );
	float dotNL = saturate( dot( normal, lightDir ) );
	float dotNV = saturate( dot( normal, viewDir ) );
	float dotNH = saturate( dot( normal, halfDir ) );
	float D = D_Charlie( sheenRoughness, dotNH );
	float V = V_Neubelt( dotNV, dotNL );
	return sheenColor * ( D * V );
}
#endif
float IBLSheenBRDF( const in vec3 normal, const in vec3 viewDir, const in float roughness ) {
	float dotNV = saturate( dot( normal, viewDir ) );
	float r2 = roughness * roughness;
	float rInv = 1.0 / ( roughness + 0.1 );
	float a = -1.9362 + 1.0678 * roughness + 0.4573 * r2 - 0.8469 * rInv;
	float b = -0.6014 + 0.5538 * roughness - 0.4670 * r2 - 0.1255 * rInv;
	float DG = exp( a * dotNV + b );
	return saturate( DG );
}
vec3 EnvironmentBRDF( const in vec3 normal, const in vec3 viewDir, const in vec3 specularColor, const in float specularF90, const in float roughness ) {
	float dotNV = saturate( dot( normal, viewDir ) );
	vec2 fab = texture2D( dfgLUT, vec2( roughness, dotNV ) ).rg;
	return specularColor * fab.x + specularF90 * fab.y;
}
#ifdef USE_IRIDESCENCE
void computeMultiscatteringIridescence( const in vec2 fab, const in vec3 specularColor, const in float specularF90, const in float iridescence, const in vec3 iridescenceF0, inout vec3 singleScatter, inout vec3 multiScatter ) {
#else
void computeMultiscattering( const in vec2 fab, const in vec3 specularColor, const in float specularF90, inout vec3 singleScatter, inout vec3 multiScatter ) {
#endif
	#ifdef USE_IRIDESCENCE
		vec3 Fr = mix( specularColor, iridescenceF0, iridescence );
	#else
		vec3 Fr = specularColor;
	#endif
	vec3 FssEss = Fr * fab.x + specularF90 * fab.y;
	float Ess = fab.x + fab.y;
	float Ems = 1.0 - Ess;
	vec3 Favg = Fr + ( 1.0 - Fr ) * 0.047619;	vec3 Fms = FssEss * Favg / ( 1.0 - Ems * Favg );
	singleScatter += FssEss;
	multiScatter += Fms * Ems;
}
#if NUM_RECT_AREA_LIGHTS > 0
	void RE_Direct_RectArea_Physical( const in RectAreaLight rectAreaLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight ) {
		vec3 normal = geometryNormal;
		vec3 viewDir = geometryViewDir;
		vec3 position = geometryPosition;
		vec3 lightPos = rectAreaLight.position;
		vec3 halfWidth = rectAreaLight.halfWidth;
		vec3 halfHeight = rectAreaLight.halfHeight;
		vec3 lightColor = rectAreaLight.color;
		float roughness = material.roughness;
		vec3 rectCoords[ 4 ];
		rectCoords[ 0 ] = lightPos + halfWidth - halfHeight;		rectCoords[ 1 ] = lightPos - halfWidth - halfHeight;
		rectCoords[ 2 ] = lightPos - halfWidth + halfHeight;
		rectCoords[ 3 ] = lightPos + halfWidth + halfHeight;
		vec2 uv = LTC_Uv( normal, viewDir, roughness );
		vec4 t1 = texture2D( ltc_1, uv );
		vec4 t2 = texture2D( ltc_2, uv );
		mat3 mInv = mat3(
			vec3( t1.x, 0, t1.y ),
			vec3(    0, 1,    0 ),
			vec3( t1.z, 0, t1.w )
		);
		vec3 fresnel = ( material.specularColorBlended * t2.x + ( material.specularF90 - material.specularColorBlended ) * t2.y );
		reflectedLight.directSpecular += lightColor * fresnel * LTC_Evaluate( normal, viewDir, position, mInv, rectCoords );
		reflectedLight.directDiffuse += lightColor * material.diffuseContribution * LTC_Evaluate( normal, viewDir, position, mat3( 1.0 ), rectCoords );
		#ifdef USE_CLEARCOAT
			vec3 Ncc = geometryClearcoatNormal;
			vec2 uvClearcoat = LTC_Uv( Ncc, viewDir, material.clearcoatRoughness );
			vec4 t1Clearcoat = texture2D( ltc_1, uvClearcoat );
			vec4 t2Clearcoat = texture2D( ltc_2, uvClearcoat );
			mat3 mInvClearcoat = mat3(
				vec3( t1Clearcoat.x, 0, t1Clearcoat.y ),
				vec3(             0, 1,             0 ),
				vec3( t1Clearcoat.z, 0, t1Clearcoat.w )
			);
			vec3 fresnelClearcoat = material.clearcoatF0 * t2Clearcoat.x + ( material.clearcoatF90 - material.clearcoatF0 ) * t2Clearcoat.y;
			clearcoatSpecularDirect += lightColor * fresnelClearcoat * LTC_Evaluate( Ncc, viewDir, position, mInvClearcoat, rectCoords );
		#endif
	}
#endif
void RE_Direct_Physical( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight ) {
	float dotNL = saturate( dot( geometryNormal, directLight.direction ) );
	vec3 irradiance = dotNL * directLight.color;
	#ifdef USE_CLEARCOAT
		float dotNLcc = saturate( dot( geometryClearcoatNormal, directLight.direction ) );
		vec3 ccIrradiance = dotNLcc * directLight.color;
		clearcoatSpecularDirect += ccIrradiance * BRDF_GGX_Clearcoat( directLight.direction, geometryViewDir, geometryClearcoatNormal, material );
	#endif
	#ifdef USE_SHEEN
 
 		sheenSpecularDirect += irradiance * BRDF_Sheen( directLight.direction, geometryViewDir, geometryNormal, material.sheenColor, material.sheenRoughness );
 
 		float sheenAlbedoV = IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness );
 		float sheenAlbedoL = IBLSheenBRDF( geometryNormal, directLight.direction, material.sheenRoughness );
 
 		float sheenEnergyComp = 1.0 - max3( material.sheenColor ) * max( sheenAlbedoV, sheenAlbedoL );
 
 		irradiance *= sheenEnergyComp;
 
 	#endif
	vec3 specularBRDF = BRDF_GGX( directLight.direction, geometryViewDir, geometryNormal, material );
	#ifdef USE_RETROREFLECTION
		vec3 retroViewDir = reflect( - geometryViewDir, geometryNormal );
		vec3 retroSpecularBRDF = BRDF_GGX( directLight.direction, retroViewDir, geometryNormal, material );
		specularBRDF = mix( specularBRDF, retroSpecularBRDF, saturate( material.retroreflectivity ) );
	#endif
	reflectedLight.directSpecular += irradiance * specularBRDF * material.multiScatteringCompensation;
	vec3 halfDir = normalize( directLight.direction + geometryViewDir );
	float dotVH = saturate( dot( geometryViewDir, halfDir ) );
	vec3 F = F_Schlick( material.specularColor, material.specularF90, dotVH );
	#ifdef USE_RETROREFLECTION
		vec3 retroHalfDir = normalize( directLight.direction + retroViewDir );
		float dotRetroVH = saturate( dot( retroViewDir, retroHalfDir ) );
		vec3 retroF = F_Schlick( material.specularColor, material.specularF90, dotRetroVH );
		F = mix( F, retroF, saturate( material.retroreflectivity ) );
	#endif
	#ifdef USE_DIFFUSE_ROUGHNESS
		vec3 diffuseBRDF = BRDF_EON( directLight.direction, geometryViewDir, geometryNormal, material.diffuseColor, material.diffuseRoughness ) * ( 1.0 - material.metalness );
	#else
		vec3 diffuseBRDF = BRDF_Lambert( material.diffuseContribution );
	#endif
	reflectedLight.directDiffuse += irradiance * diffuseBRDF * ( 1.0 - F );
}
void RE_IndirectDiffuse_Physical( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight ) {
	vec3 singleScattering = vec3( 0.0 );
	vec3 multiScattering = vec3( 0.0 );
	#ifdef USE_IRIDESCENCE
		computeMultiscatteringIridescence( material.dfg, material.specularColor, material.specularF90, material.iridescence, material.iridescenceF0Dielectric, singleScattering, multiScattering );
	#else
		computeMultiscattering( material.dfg, material.specularColor, material.specularF90, singleScattering, multiScattering );
	#endif
	#ifdef USE_DIFFUSE_ROUGHNESS
		float dotNV = saturate( dot( geometryNormal, geometryViewDir ) );
		vec3 diffuseAlbedo = EON_DirectionalAlbedo( material.diffuseColor, material.diffuseRoughness, dotNV ) * ( 1.0 - material.metalness );
		vec3 diffuse = irradiance * RECIPROCAL_PI * diffuseAlbedo * ( 1.0 - singleScattering - multiScattering );
	#else
		vec3 diffuse = irradiance * BRDF_Lambert( material.diffuseContribution ) * ( 1.0 - singleScattering - multiScattering );
	#endif
	#ifdef USE_SHEEN
		float sheenAlbedo = IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness );
		sheenSpecularIndirect += irradiance * material.sheenColor * sheenAlbedo * RECIPROCAL_PI;
		float sheenEnergyComp = 1.0 - max3( material.sheenColor ) * sheenAlbedo;
		diffuse *= sheenEnergyComp;
	#endif
	reflectedLight.indirectDiffuse += diffuse;
}
void RE_IndirectSpecular_Physical( const in vec3 radiance, const in vec3 irradiance, const in vec3 clearcoatRadiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight) {
	#ifdef USE_CLEARCOAT
		clearcoatSpecularIndirect += clearcoatRadiance * EnvironmentBRDF( geometryClearcoatNormal, geometryViewDir, material.clearcoatF0, material.clearcoatF90, material.clearcoatRoughness );
	#endif
	#ifdef USE_SHEEN
		sheenSpecularIndirect += irradiance * material.sheenColor * IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness ) * RECIPROCAL_PI;
 	#endif
	vec3 singleScatteringDielectric = vec3( 0.0 );
	vec3 multiScatteringDielectric = vec3( 0.0 );
	vec3 singleScatteringMetallic = vec3( 0.0 );
	vec3 multiScatteringMetallic = vec3( 0.0 );
	#ifdef USE_IRIDESCENCE
		computeMultiscatteringIridescence( material.dfg, material.specularColor, material.specularF90, material.iridescence, material.iridescenceF0Dielectric, singleScatteringDielectric, multiScatteringDielectric );
		computeMultiscatteringIridescence( material.dfg, material.diffuseColor, material.specularF90, material.iridescence, material.iridescenceF0Metallic, singleScatteringMetallic, multiScatteringMetallic );
	#else
		computeMultiscattering( material.dfg, material.specularColor, material.specularF90, singleScatteringDielectric, multiScatteringDielectric );
		computeMultiscattering( material.dfg, material.diffuseColor, material.specularF90, singleScatteringMetallic, multiScatteringMetallic );
	#endif
	vec3 singleScattering = mix( singleScatteringDielectric, singleScatteringMetallic, material.metalness );
	vec3 multiScattering = mix( multiScatteringDielectric, multiScatteringMetallic, material.metalness );
	vec3 totalScatteringDielectric = singleScatteringDielectric + multiScatteringDielectric;
	#ifdef USE_DIFFUSE_ROUGHNESS
		float dotNV = saturate( dot( geometryNormal, geometryViewDir ) );
		vec3 diffuse = EON_DirectionalAlbedo( material.diffuseColor, material.diffuseRoughness, dotNV ) * ( 1.0 - material.metalness ) * ( 1.0 - totalScatteringDielectric );
	#else
		vec3 diffuse = material.diffuseContribution * ( 1.0 - totalScatteringDielectric );
	#endif
	vec3 cosineWeightedIrradiance = irradiance * RECIPROCAL_PI;
	vec3 indirectSpecular = radiance * singleScattering;
	indirectSpecular += multiScattering * cosineWeightedIrradiance;
	vec3 indirectDiffuse = diffuse * cosineWeightedIrradiance;
	#ifdef USE_SHEEN
		float sheenAlbedo = IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness );
		float sheenEnergyComp = 1.0 - max3( material.sheenColor ) * sheenAlbedo;
		indirectSpecular *= sheenEnergyComp;
		indirectDiffuse *= sheenEnergyComp;
	#endif
	reflectedLight.indirectSpecular += indirectSpecular;
	reflectedLight.indirectDiffuse += indirectDiffuse;
}
#define RE_Direct				RE_Direct_Physical
#define RE_Direct_RectArea		RE_Direct_RectArea_Physical
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Physical
#define RE_IndirectSpecular		RE_IndirectSpecular_Physical
float computeSpecularOcclusion( const in float dotNV, const in float ambientOcclusion, const in float roughness ) {
	return saturate( pow( dotNV + ambientOcclusion, exp2( - 16.0 * roughness - 1.0 ) ) - 1.0 + ambientOcclusion );
}`,W_=`
vec3 geometryPosition = - vViewPosition;
vec3 geometryNormal = normal;
vec3 geometryViewDir = ( isOrthographic ) ? vec3( 0, 0, 1 ) : normalize( vViewPosition );
vec3 geometryClearcoatNormal = vec3( 0.0 );
#ifdef USE_CLEARCOAT
	geometryClearcoatNormal = clearcoatNormal;
#endif
#ifdef USE_IRIDESCENCE
	float dotNVi = saturate( dot( normal, geometryViewDir ) );
	if ( material.iridescenceThickness == 0.0 ) {
		material.iridescence = 0.0;
	} else {
		material.iridescence = saturate( material.iridescence );
	}
	if ( material.iridescence > 0.0 ) {
		vec3 iridescenceFresnelDielectric = evalIridescence( 1.0, material.iridescenceIOR, dotNVi, material.iridescenceThickness, material.specularColor );
		vec3 iridescenceFresnelMetallic = evalIridescence( 1.0, material.iridescenceIOR, dotNVi, material.iridescenceThickness, material.diffuseColor );
		material.iridescenceFresnel = mix( iridescenceFresnelDielectric, iridescenceFresnelMetallic, material.metalness );
		material.iridescenceF0Dielectric = Schlick_to_F0( iridescenceFresnelDielectric, 1.0, dotNVi );
		material.iridescenceF0Metallic = Schlick_to_F0( iridescenceFresnelMetallic, 1.0, dotNVi );
	}
#endif
#ifdef STANDARD
	float dotNVms = saturate( dot( geometryNormal, geometryViewDir ) );
	material.dfg = texture2D( dfgLUT, vec2( material.roughness, dotNVms ) ).rg;
	#if ( NUM_SUN_LIGHTS > 0 || NUM_DIR_LIGHTS > 0 || NUM_POINT_LIGHTS > 0 || NUM_SPOT_LIGHTS > 0 )
		float EssMs = material.dfg.x + material.dfg.y;
		material.multiScatteringCompensation = 1.0 + material.specularColorBlended * ( 1.0 / EssMs - 1.0 );
	#endif
#endif
IncidentLight directLight;
#if ( NUM_POINT_LIGHTS > 0 ) && defined( RE_Direct )
	PointLight pointLight;
	#if defined( USE_SHADOWMAP ) && NUM_POINT_LIGHT_SHADOWS > 0
	PointLightShadow pointLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_POINT_LIGHTS; i ++ ) {
		pointLight = pointLights[ i ];
		getPointLightInfo( pointLight, geometryPosition, directLight );
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_POINT_LIGHT_SHADOWS ) && ( defined( SHADOWMAP_TYPE_PCF ) || defined( SHADOWMAP_TYPE_BASIC ) )
		pointLightShadow = pointLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getPointShadow( pointShadowMap[ i ], pointLightShadow.shadowMapSize, pointLightShadow.shadowIntensity, pointLightShadow.shadowBias, pointLightShadow.shadowRadius, vPointShadowCoord[ i ], pointLightShadow.shadowCameraNear, pointLightShadow.shadowCameraFar ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_SPOT_LIGHTS > 0 ) && defined( RE_Direct )
	SpotLight spotLight;
	vec4 spotColor;
	vec3 spotLightCoord;
	bool inSpotLightMap;
	#if defined( USE_SHADOWMAP ) && NUM_SPOT_LIGHT_SHADOWS > 0
	SpotLightShadow spotLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SPOT_LIGHTS; i ++ ) {
		spotLight = spotLights[ i ];
		getSpotLightInfo( spotLight, geometryPosition, directLight );
		#if ( UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS )
		#define SPOT_LIGHT_MAP_INDEX UNROLLED_LOOP_INDEX
		#elif ( UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS )
		#define SPOT_LIGHT_MAP_INDEX NUM_SPOT_LIGHT_MAPS
		#else
		#define SPOT_LIGHT_MAP_INDEX ( UNROLLED_LOOP_INDEX - NUM_SPOT_LIGHT_SHADOWS + NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS )
		#endif
		#if ( SPOT_LIGHT_MAP_INDEX < NUM_SPOT_LIGHT_MAPS )
			spotLightCoord = vSpotLightCoord[ i ].xyz / vSpotLightCoord[ i ].w;
			inSpotLightMap = all( lessThan( abs( spotLightCoord * 2. - 1. ), vec3( 1.0 ) ) );
			spotColor = texture2D( spotLightMap[ SPOT_LIGHT_MAP_INDEX ], spotLightCoord.xy );
			directLight.color = inSpotLightMap ? directLight.color * spotColor.rgb : directLight.color;
		#endif
		#undef SPOT_LIGHT_MAP_INDEX
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS )
		spotLightShadow = spotLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getShadow( spotShadowMap[ i ], spotLightShadow.shadowMapSize, spotLightShadow.shadowIntensity, spotLightShadow.shadowBias, spotLightShadow.shadowRadius, vSpotLightCoord[ i ] ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_SUN_LIGHTS > 0 ) && defined( RE_Direct )
	SunLight sunLight;
	#if defined( USE_SHADOWMAP ) && NUM_SUN_LIGHT_SHADOWS > 0
	SunLightShadow sunLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SUN_LIGHTS; i ++ ) {
		sunLight = sunLights[ i ];
		getSunLightInfo( sunLight, directLight );
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_SUN_LIGHT_SHADOWS )
		sunLightShadow = sunLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getSunShadow( sunShadowMap[ i ], sunLightShadow, UNROLLED_LOOP_INDEX ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_DIR_LIGHTS > 0 ) && defined( RE_Direct )
	DirectionalLight directionalLight;
	#if defined( USE_SHADOWMAP ) && NUM_DIR_LIGHT_SHADOWS > 0
	DirectionalLightShadow directionalLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_DIR_LIGHTS; i ++ ) {
		directionalLight = directionalLights[ i ];
		getDirectionalLightInfo( directionalLight, directLight );
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_DIR_LIGHT_SHADOWS )
		directionalLightShadow = directionalLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getShadow( directionalShadowMap[ i ], directionalLightShadow.shadowMapSize, directionalLightShadow.shadowIntensity, directionalLightShadow.shadowBias, directionalLightShadow.shadowRadius, vDirectionalShadowCoord[ i ] ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_RECT_AREA_LIGHTS > 0 ) && defined( RE_Direct_RectArea )
	RectAreaLight rectAreaLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_RECT_AREA_LIGHTS; i ++ ) {
		rectAreaLight = rectAreaLights[ i ];
		RE_Direct_RectArea( rectAreaLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if defined( RE_IndirectDiffuse )
	vec3 iblIrradiance = vec3( 0.0 );
	vec3 irradiance = getAmbientLightIrradiance( ambientLightColor );
	#if defined( USE_LIGHT_PROBES )
		irradiance += getLightProbeIrradiance( lightProbe, geometryNormal );
	#endif
	#if ( NUM_HEMI_LIGHTS > 0 )
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_HEMI_LIGHTS; i ++ ) {
			irradiance += getHemisphereLightIrradiance( hemisphereLights[ i ], geometryNormal );
		}
		#pragma unroll_loop_end
	#endif
	#if NUM_LIGHT_PROBE_GRIDS > 0
		vec3 probeWorldPos = ( ( vec4( geometryPosition, 1.0 ) - viewMatrix[ 3 ] ) * viewMatrix ).xyz;
		vec3 probeWorldNormal = transformNormalByInverseViewMatrix( geometryNormal, viewMatrix );
		int probeGrid = - 1;
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_LIGHT_PROBE_GRIDS; i ++ ) {
			if ( isInsideLightProbeGrid( probeWorldPos, probeWorldNormal, probesMin[ i ], probesMax[ i ], probesResolution[ i ] ) ) probeGrid = UNROLLED_LOOP_INDEX;
		}
		#pragma unroll_loop_end
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_LIGHT_PROBE_GRIDS; i ++ ) {
			if ( probeGrid == UNROLLED_LOOP_INDEX ) irradiance += getLightProbeGridIrradiance( probesSH[ i ], probesMin[ i ], probesMax[ i ], probesResolution[ i ], probeWorldPos, probeWorldNormal );
		}
		#pragma unroll_loop_end
	#endif
#endif
#if defined( RE_IndirectSpecular )
	vec3 radiance = vec3( 0.0 );
	vec3 clearcoatRadiance = vec3( 0.0 );
#endif`,q_=`#if defined( RE_IndirectDiffuse )
	#ifdef USE_LIGHTMAP
		vec4 lightMapTexel = texture2D( lightMap, vLightMapUv );
		vec3 lightMapIrradiance = lightMapTexel.rgb * lightMapIntensity;
		irradiance += lightMapIrradiance;
	#endif
	#if defined( USE_ENVMAP ) && defined( ENVMAP_TYPE_PMREM )
		#if defined( STANDARD ) || defined( LAMBERT ) || defined( PHONG )
			iblIrradiance += getIBLIrradiance( geometryNormal );
		#endif
	#endif
#endif
#if defined( USE_ENVMAP ) && defined( RE_IndirectSpecular )
	#ifdef USE_ANISOTROPY
		vec3 iblRadiance = getIBLAnisotropyRadiance( geometryViewDir, geometryNormal, material.roughness, material.anisotropyB, material.anisotropy );
	#else
		vec3 iblRadiance = getIBLRadiance( geometryViewDir, geometryNormal, material.roughness );
	#endif
	#ifdef USE_RETROREFLECTION
		#ifdef USE_ANISOTROPY
			vec3 retroIBLRadiance = getIBLAnisotropyRetroRadiance( geometryViewDir, geometryNormal, material.roughness, material.anisotropyB, material.anisotropy );
		#else
			vec3 retroIBLRadiance = getIBLRetroRadiance( geometryViewDir, geometryNormal, material.roughness );
		#endif
		iblRadiance = mix( iblRadiance, retroIBLRadiance, saturate( material.retroreflectivity ) );
	#endif
	radiance += iblRadiance;
	#ifdef USE_CLEARCOAT
		clearcoatRadiance += getIBLRadiance( geometryViewDir, geometryClearcoatNormal, material.clearcoatRoughness );
	#endif
#endif`,X_=`#if defined( RE_IndirectDiffuse )
	#if defined( LAMBERT ) || defined( PHONG )
		irradiance += iblIrradiance;
	#endif
	RE_IndirectDiffuse( irradiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif
#if defined( RE_IndirectSpecular )
	RE_IndirectSpecular( radiance, iblIrradiance, clearcoatRadiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif`,Y_=`#if NUM_LIGHT_PROBE_GRIDS > 0
uniform highp sampler3D probesSH[ NUM_LIGHT_PROBE_GRIDS ];
uniform vec3 probesMin[ NUM_LIGHT_PROBE_GRIDS ];
uniform vec3 probesMax[ NUM_LIGHT_PROBE_GRIDS ];
uniform vec3 probesResolution[ NUM_LIGHT_PROBE_GRIDS ];
bool isInsideLightProbeGrid( vec3 worldPos, vec3 worldNormal, vec3 probesMin, vec3 probesMax, vec3 probesResolution ) {
	vec3 spacing = ( probesMax - probesMin ) / probesResolution;
	vec3 samplePos = worldPos + worldNormal * spacing * 0.5;
	vec3 margin = spacing * 0.01;
	return all( greaterThanEqual( samplePos, probesMin - margin ) ) && all( lessThanEqual( samplePos, probesMax + margin ) );
}
vec3 getLightProbeGridIrradiance( highp sampler3D probesSH, vec3 probesMin, vec3 probesMax, vec3 probesResolution, vec3 worldPos, vec3 worldNormal ) {
	vec3 res = probesResolution;
	vec3 gridRange = probesMax - probesMin;
	vec3 probeSpacing = gridRange / res;
	vec3 samplePos = worldPos + worldNormal * probeSpacing * 0.5;
	vec3 uvw = clamp( ( samplePos - probesMin ) / gridRange, 0.5 / res, 1.0 - 0.5 / res );
	float nz          = res.z;
	float paddedSlices = nz + 2.0;
	float atlasDepth  = 7.0 * paddedSlices;
	float uvZBase     = uvw.z * nz + 1.0;
	vec4 s0 = texture( probesSH, vec3( uvw.xy, ( uvZBase                       ) / atlasDepth ) );
	vec4 s1 = texture( probesSH, vec3( uvw.xy, ( uvZBase +       paddedSlices   ) / atlasDepth ) );
	vec4 s2 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 2.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s3 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 3.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s4 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 4.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s5 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 5.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s6 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 6.0 * paddedSlices   ) / atlasDepth ) );
	vec3 c0 = s0.xyz;
	vec3 c1 = vec3( s0.w, s1.xy );
	vec3 c2 = vec3( s1.zw, s2.x );
	vec3 c3 = s2.yzw;
	vec3 c4 = s3.xyz;
	vec3 c5 = vec3( s3.w, s4.xy );
	vec3 c6 = vec3( s4.zw, s5.x );
	vec3 c7 = s5.yzw;
	vec3 c8 = s6.xyz;
	float x = worldNormal.x, y = worldNormal.y, z = worldNormal.z;
	vec3 result = c0 * 0.886227;
	result += c1 * 2.0 * 0.511664 * y;
	result += c2 * 2.0 * 0.511664 * z;
	result += c3 * 2.0 * 0.511664 * x;
	result += c4 * 2.0 * 0.429043 * x * y;
	result += c5 * 2.0 * 0.429043 * y * z;
	result += c6 * ( 0.743125 * z * z - 0.247708 );
	result += c7 * 2.0 * 0.429043 * x * z;
	result += c8 * 0.429043 * ( x * x - y * y );
	return max( result, vec3( 0.0 ) );
}
#endif`,$_=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	gl_FragDepth = vIsPerspective == 0.0 ? gl_FragCoord.z : log2( vFragDepth ) * logDepthBufFC * 0.5;
#endif`,Z_=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	uniform float logDepthBufFC;
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,J_=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,K_=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	vFragDepth = 1.0 + gl_Position.w;
	vIsPerspective = float( isPerspectiveMatrix( projectionMatrix ) );
#endif`,j_=`#ifdef USE_MAP
	vec4 sampledDiffuseColor = texture2D( map, vMapUv );
	#ifdef DECODE_VIDEO_TEXTURE
		sampledDiffuseColor = sRGBTransferEOTF( sampledDiffuseColor );
	#endif
	diffuseColor *= sampledDiffuseColor;
#endif`,Q_=`#ifdef USE_MAP
	uniform sampler2D map;
#endif`,t0=`#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
	#if defined( USE_POINTS_UV )
		vec2 uv = vUv;
	#else
		vec2 uv = ( uvTransform * vec3( gl_PointCoord.x, 1.0 - gl_PointCoord.y, 1 ) ).xy;
	#endif
#endif
#ifdef USE_MAP
	diffuseColor *= texture2D( map, uv );
#endif
#ifdef USE_ALPHAMAP
	diffuseColor.a *= texture2D( alphaMap, uv ).g;
#endif`,e0=`#if defined( USE_POINTS_UV )
	varying vec2 vUv;
#else
	#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
		uniform mat3 uvTransform;
	#endif
#endif
#ifdef USE_MAP
	uniform sampler2D map;
#endif
#ifdef USE_ALPHAMAP
	uniform sampler2D alphaMap;
#endif`,n0=`float metalnessFactor = metalness;
#ifdef USE_METALNESSMAP
	vec4 texelMetalness = texture2D( metalnessMap, vMetalnessMapUv );
	metalnessFactor *= texelMetalness.b;
#endif`,i0=`#ifdef USE_METALNESSMAP
	uniform sampler2D metalnessMap;
#endif`,s0=`#ifdef USE_INSTANCING_MORPH
	float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	float morphTargetBaseInfluence = texelFetch( morphTexture, ivec2( 0, gl_InstanceID ), 0 ).r;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		morphTargetInfluences[i] =  texelFetch( morphTexture, ivec2( i + 1, gl_InstanceID ), 0 ).r;
	}
#endif`,r0=`#if defined( USE_MORPHCOLORS )
	#if defined( USE_COLOR_ALPHA )
		vColor *= morphTargetBaseInfluence;
	#elif defined( USE_COLOR )
		vColor.rgb *= morphTargetBaseInfluence;
	#endif
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		#if defined( USE_COLOR_ALPHA )
			if ( morphTargetInfluences[ i ] != 0.0 ) vColor += getMorph( gl_VertexID, i, 2 ) * morphTargetInfluences[ i ];
		#elif defined( USE_COLOR )
			if ( morphTargetInfluences[ i ] != 0.0 ) vColor.rgb += getMorph( gl_VertexID, i, 2 ).rgb * morphTargetInfluences[ i ];
		#endif
	}
#endif`,o0=`#ifdef USE_MORPHNORMALS
	objectNormal *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) objectNormal += getMorph( gl_VertexID, i, 1 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,a0=`#ifdef USE_MORPHTARGETS
	#ifndef USE_INSTANCING_MORPH
		uniform float morphTargetBaseInfluence;
		uniform float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	#endif
	uniform sampler2DArray morphTargetsTexture;
	uniform ivec2 morphTargetsTextureSize;
	vec4 getMorph( const in int vertexIndex, const in int morphTargetIndex, const in int offset ) {
		int texelIndex = vertexIndex * MORPHTARGETS_TEXTURE_STRIDE + offset;
		int y = texelIndex / morphTargetsTextureSize.x;
		int x = texelIndex - y * morphTargetsTextureSize.x;
		ivec3 morphUV = ivec3( x, y, morphTargetIndex );
		return texelFetch( morphTargetsTexture, morphUV, 0 );
	}
#endif`,l0=`#ifdef USE_MORPHTARGETS
	transformed *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) transformed += getMorph( gl_VertexID, i, 0 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,c0=`float faceDirection = gl_FrontFacing ? 1.0 : - 1.0;
#ifdef FLAT_SHADED
	vec3 fdx = dFdx( vViewPosition );
	vec3 fdy = dFdy( vViewPosition );
	vec3 normal = normalize( cross( fdx, fdy ) );
#else
	vec3 normal = normalize( vNormal );
	#ifdef DOUBLE_SIDED
		normal *= faceDirection;
	#endif
#endif
#if defined( USE_NORMALMAP_TANGENTSPACE ) || defined( USE_CLEARCOAT_NORMALMAP ) || defined( USE_ANISOTROPY )
	#ifdef USE_TANGENT
		mat3 tbn = mat3( normalize( vTangent ), normalize( vBitangent ), normal );
	#else
		mat3 tbn = getTangentFrame( - vViewPosition, normal,
		#if defined( USE_NORMALMAP )
			vNormalMapUv
		#elif defined( USE_CLEARCOAT_NORMALMAP )
			vClearcoatNormalMapUv
		#else
			vUv
		#endif
		);
	#endif
	#ifdef DOUBLE_SIDED
		tbn[0] *= faceDirection;
		tbn[1] *= faceDirection;
	#endif
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	#ifdef USE_TANGENT
		mat3 tbn2 = mat3( normalize( vTangent ), normalize( vBitangent ), normal );
	#else
		mat3 tbn2 = getTangentFrame( - vViewPosition, normal, vClearcoatNormalMapUv );
	#endif
	#ifdef DOUBLE_SIDED
		tbn2[0] *= faceDirection;
		tbn2[1] *= faceDirection;
	#endif
#endif
vec3 nonPerturbedNormal = normal;`,h0=`#ifdef USE_NORMALMAP_OBJECTSPACE
	normal = texture2D( normalMap, vNormalMapUv ).xyz * 2.0 - 1.0;
	#ifdef FLIP_SIDED
		normal = - normal;
	#endif
	#ifdef DOUBLE_SIDED
		normal = normal * faceDirection;
	#endif
	normal = normalize( normalMatrix * normal );
#elif defined( USE_NORMALMAP_TANGENTSPACE )
	vec3 mapN = texture2D( normalMap, vNormalMapUv ).xyz * 2.0 - 1.0;
	#if defined( USE_PACKED_NORMALMAP )
		mapN = vec3( mapN.xy, sqrt( saturate( 1.0 - dot( mapN.xy, mapN.xy ) ) ) );
	#endif
	mapN.xy *= normalScale;
	normal = normalize( tbn * mapN );
#elif defined( USE_BUMPMAP )
	normal = perturbNormalArb( - vViewPosition, normal, dHdxy_fwd(), faceDirection );
#endif`,u0=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,d0=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,f0=`#ifndef FLAT_SHADED
	vNormal = normalize( transformedNormal );
	#ifdef USE_TANGENT
		vTangent = normalize( transformedTangent );
		vBitangent = normalize( cross( vNormal, vTangent ) * tangent.w );
		#ifdef FLIP_SIDED
			vBitangent = - vBitangent;
		#endif
	#endif
#endif`,p0=`#ifdef USE_NORMALMAP
	uniform sampler2D normalMap;
	uniform vec2 normalScale;
#endif
#ifdef USE_NORMALMAP_OBJECTSPACE
	uniform mat3 normalMatrix;
#endif
#if ! defined ( USE_TANGENT ) && ( defined ( USE_NORMALMAP_TANGENTSPACE ) || defined ( USE_CLEARCOAT_NORMALMAP ) || defined( USE_ANISOTROPY ) )
	mat3 getTangentFrame( vec3 eye_pos, vec3 surf_norm, vec2 uv ) {
		vec3 q0 = dFdx( eye_pos.xyz );
		vec3 q1 = dFdy( eye_pos.xyz );
		vec2 st0 = dFdx( uv.st );
		vec2 st1 = dFdy( uv.st );
		vec3 N = surf_norm;
		vec3 q1perp = cross( q1, N );
		vec3 q0perp = cross( N, q0 );
		vec3 T = q1perp * st0.x + q0perp * st1.x;
		vec3 B = q1perp * st0.y + q0perp * st1.y;
		float det = max( dot( T, T ), dot( B, B ) );
		float scale = ( det == 0.0 ) ? 0.0 : inversesqrt( det );
		return mat3( T * scale, B * scale, N );
	}
#endif`,m0=`#ifdef USE_CLEARCOAT
	vec3 clearcoatNormal = nonPerturbedNormal;
#endif`,g0=`#ifdef USE_CLEARCOAT_NORMALMAP
	vec3 clearcoatMapN = texture2D( clearcoatNormalMap, vClearcoatNormalMapUv ).xyz * 2.0 - 1.0;
	clearcoatMapN.xy *= clearcoatNormalScale;
	clearcoatNormal = normalize( tbn2 * clearcoatMapN );
#endif`,_0=`#ifdef USE_CLEARCOATMAP
	uniform sampler2D clearcoatMap;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform sampler2D clearcoatNormalMap;
	uniform vec2 clearcoatNormalScale;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform sampler2D clearcoatRoughnessMap;
#endif`,x0=`#ifdef USE_IRIDESCENCEMAP
	uniform sampler2D iridescenceMap;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform sampler2D iridescenceThicknessMap;
#endif`,y0=`#ifdef OPAQUE
diffuseColor.a = 1.0;
#endif
#ifdef USE_TRANSMISSION
diffuseColor.a *= material.transmissionAlpha;
#endif
gl_FragColor = vec4( outgoingLight, diffuseColor.a );`,v0=`vec3 packNormalToRGB( const in vec3 normal ) {
	return normalize( normal ) * 0.5 + 0.5;
}
vec3 unpackRGBToNormal( const in vec3 rgb ) {
	return 2.0 * rgb.xyz - 1.0;
}
const float PackUpscale = 256. / 255.;const float UnpackDownscale = 255. / 256.;const float ShiftRight8 = 1. / 256.;
const float Inv255 = 1. / 255.;
const vec4 PackFactors = vec4( 1.0, 256.0, 256.0 * 256.0, 256.0 * 256.0 * 256.0 );
const vec2 UnpackFactors2 = vec2( UnpackDownscale, 1.0 / PackFactors.g );
const vec3 UnpackFactors3 = vec3( UnpackDownscale / PackFactors.rg, 1.0 / PackFactors.b );
const vec4 UnpackFactors4 = vec4( UnpackDownscale / PackFactors.rgb, 1.0 / PackFactors.a );
vec4 packDepthToRGBA( const in float v ) {
	if( v <= 0.0 )
		return vec4( 0., 0., 0., 0. );
	if( v >= 1.0 )
		return vec4( 1., 1., 1., 1. );
	float vuf;
	float af = modf( v * PackFactors.a, vuf );
	float bf = modf( vuf * ShiftRight8, vuf );
	float gf = modf( vuf * ShiftRight8, vuf );
	return vec4( vuf * Inv255, gf * PackUpscale, bf * PackUpscale, af );
}
vec3 packDepthToRGB( const in float v ) {
	if( v <= 0.0 )
		return vec3( 0., 0., 0. );
	if( v >= 1.0 )
		return vec3( 1., 1., 1. );
	float vuf;
	float bf = modf( v * PackFactors.b, vuf );
	float gf = modf( vuf * ShiftRight8, vuf );
	return vec3( vuf * Inv255, gf * PackUpscale, bf );
}
vec2 packDepthToRG( const in float v ) {
	if( v <= 0.0 )
		return vec2( 0., 0. );
	if( v >= 1.0 )
		return vec2( 1., 1. );
	float vuf;
	float gf = modf( v * 256., vuf );
	return vec2( vuf * Inv255, gf );
}
float unpackRGBAToDepth( const in vec4 v ) {
	return dot( v, UnpackFactors4 );
}
float unpackRGBToDepth( const in vec3 v ) {
	return dot( v, UnpackFactors3 );
}
float unpackRGToDepth( const in vec2 v ) {
	return v.r * UnpackFactors2.r + v.g * UnpackFactors2.g;
}
vec4 pack2HalfToRGBA( const in vec2 v ) {
	vec4 r = vec4( v.x, fract( v.x * 255.0 ), v.y, fract( v.y * 255.0 ) );
	return vec4( r.x - r.y / 255.0, r.y, r.z - r.w / 255.0, r.w );
}
vec2 unpackRGBATo2Half( const in vec4 v ) {
	return vec2( v.x + ( v.y / 255.0 ), v.z + ( v.w / 255.0 ) );
}
float viewZToOrthographicDepth( const in float viewZ, const in float near, const in float far ) {
	return ( viewZ + near ) / ( near - far );
}
float orthographicDepthToViewZ( const in float depth, const in float near, const in float far ) {
	#ifdef USE_REVERSED_DEPTH_BUFFER
	
		return depth * ( far - near ) - far;
	#else
		return depth * ( near - far ) - near;
	#endif
}
float viewZToPerspectiveDepth( const in float viewZ, const in float near, const in float far ) {
	return ( ( near + viewZ ) * far ) / ( ( far - near ) * viewZ );
}
float perspectiveDepthToViewZ( const in float depth, const in float near, const in float far ) {
	
	#ifdef USE_REVERSED_DEPTH_BUFFER
		return ( near * far ) / ( ( near - far ) * depth - near );
	#else
		return ( near * far ) / ( ( far - near ) * depth - far );
	#endif
}`,S0=`#ifdef PREMULTIPLIED_ALPHA
	gl_FragColor.rgb *= gl_FragColor.a;
#endif`,b0=`vec4 mvPosition = vec4( transformed, 1.0 );
#ifdef USE_BATCHING
	mvPosition = batchingMatrix * mvPosition;
#endif
#ifdef USE_INSTANCING
	mvPosition = instanceMatrix * mvPosition;
#endif
mvPosition = modelViewMatrix * mvPosition;
gl_Position = projectionMatrix * mvPosition;`,M0=`#ifdef DITHERING
	gl_FragColor.rgb = dithering( gl_FragColor.rgb );
#endif`,w0=`#ifdef DITHERING
	vec3 dithering( vec3 color ) {
		float grid_position = rand( gl_FragCoord.xy );
		vec3 dither_shift_RGB = vec3( 0.25 / 255.0, -0.25 / 255.0, 0.25 / 255.0 );
		dither_shift_RGB = mix( 2.0 * dither_shift_RGB, -2.0 * dither_shift_RGB, grid_position );
		return color + dither_shift_RGB;
	}
#endif`,T0=`float roughnessFactor = roughness;
#ifdef USE_ROUGHNESSMAP
	vec4 texelRoughness = texture2D( roughnessMap, vRoughnessMapUv );
	roughnessFactor *= texelRoughness.g;
#endif`,E0=`#ifdef USE_ROUGHNESSMAP
	uniform sampler2D roughnessMap;
#endif`,A0=`#if NUM_SPOT_LIGHT_COORDS > 0
	varying vec4 vSpotLightCoord[ NUM_SPOT_LIGHT_COORDS ];
#endif
#if NUM_SPOT_LIGHT_MAPS > 0
	uniform sampler2D spotLightMap[ NUM_SPOT_LIGHT_MAPS ];
#endif
#ifdef USE_SHADOWMAP
	#if NUM_SUN_LIGHT_SHADOWS > 0
		#define SUN_LIGHT_CASCADES 2
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform sampler2DShadow sunShadowMap[ NUM_SUN_LIGHT_SHADOWS ];
		#else
			uniform sampler2D sunShadowMap[ NUM_SUN_LIGHT_SHADOWS ];
		#endif
		uniform mat4 sunShadowMatrix[ NUM_SUN_LIGHT_SHADOWS * SUN_LIGHT_CASCADES ];
		uniform vec4 sunShadowCascade[ NUM_SUN_LIGHT_SHADOWS * SUN_LIGHT_CASCADES ];
		varying vec4 vSunShadowWorldPosition;
		varying vec3 vSunShadowWorldNormal;
		struct SunLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform SunLightShadow sunLightShadows[ NUM_SUN_LIGHT_SHADOWS ];
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform sampler2DShadow directionalShadowMap[ NUM_DIR_LIGHT_SHADOWS ];
		#else
			uniform sampler2D directionalShadowMap[ NUM_DIR_LIGHT_SHADOWS ];
		#endif
		varying vec4 vDirectionalShadowCoord[ NUM_DIR_LIGHT_SHADOWS ];
		struct DirectionalLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform DirectionalLightShadow directionalLightShadows[ NUM_DIR_LIGHT_SHADOWS ];
	#endif
	#if NUM_SPOT_LIGHT_SHADOWS > 0
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform sampler2DShadow spotShadowMap[ NUM_SPOT_LIGHT_SHADOWS ];
		#else
			uniform sampler2D spotShadowMap[ NUM_SPOT_LIGHT_SHADOWS ];
		#endif
		struct SpotLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform SpotLightShadow spotLightShadows[ NUM_SPOT_LIGHT_SHADOWS ];
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform samplerCubeShadow pointShadowMap[ NUM_POINT_LIGHT_SHADOWS ];
		#elif defined( SHADOWMAP_TYPE_BASIC )
			uniform samplerCube pointShadowMap[ NUM_POINT_LIGHT_SHADOWS ];
		#endif
		varying vec4 vPointShadowCoord[ NUM_POINT_LIGHT_SHADOWS ];
		struct PointLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
			float shadowCameraNear;
			float shadowCameraFar;
		};
		uniform PointLightShadow pointLightShadows[ NUM_POINT_LIGHT_SHADOWS ];
	#endif
	#if defined( SHADOWMAP_TYPE_PCF )
		float interleavedGradientNoise( vec2 position ) {
			return fract( 52.9829189 * fract( dot( position, vec2( 0.06711056, 0.00583715 ) ) ) );
		}
		vec2 vogelDiskSample( int sampleIndex, int samplesCount, float phi ) {
			const float goldenAngle = 2.399963229728653;
			float r = sqrt( ( float( sampleIndex ) + 0.5 ) / float( samplesCount ) );
			float theta = float( sampleIndex ) * goldenAngle + phi;
			return vec2( cos( theta ), sin( theta ) ) * r;
		}
	#endif
	#if defined( SHADOWMAP_TYPE_PCF )
		float getShadow( sampler2DShadow shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord ) {
			float shadow = 1.0;
			shadowCoord.xyz /= shadowCoord.w;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				shadowCoord.z -= shadowBias;
			#else
				shadowCoord.z += shadowBias;
			#endif
			bool inFrustum = shadowCoord.x >= 0.0 && shadowCoord.x <= 1.0 && shadowCoord.y >= 0.0 && shadowCoord.y <= 1.0;
			bool frustumTest = inFrustum && shadowCoord.z <= 1.0;
			if ( frustumTest ) {
				vec2 texelSize = vec2( 1.0 ) / shadowMapSize;
				vec2 radius = shadowRadius * texelSize;
				float phi = interleavedGradientNoise( gl_FragCoord.xy ) * PI2;
				shadow = (
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 0, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 1, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 2, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 3, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 4, 5, phi ) * radius, shadowCoord.z ) )
				) * 0.2;
			}
			return mix( 1.0, shadow, shadowIntensity );
		}
	#elif defined( SHADOWMAP_TYPE_VSM )
		float getShadow( sampler2D shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord ) {
			float shadow = 1.0;
			shadowCoord.xyz /= shadowCoord.w;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				shadowCoord.z -= shadowBias;
			#else
				shadowCoord.z += shadowBias;
			#endif
			bool inFrustum = shadowCoord.x >= 0.0 && shadowCoord.x <= 1.0 && shadowCoord.y >= 0.0 && shadowCoord.y <= 1.0;
			bool frustumTest = inFrustum && shadowCoord.z <= 1.0;
			if ( frustumTest ) {
				vec2 distribution = texture2D( shadowMap, shadowCoord.xy ).rg;
				float mean = distribution.x;
				float variance = distribution.y * distribution.y;
				#ifdef USE_REVERSED_DEPTH_BUFFER
					float hard_shadow = step( mean, shadowCoord.z );
				#else
					float hard_shadow = step( shadowCoord.z, mean );
				#endif
				
				if ( hard_shadow == 1.0 ) {
					shadow = 1.0;
				} else {
					variance = max( variance, 0.0000001 );
					float d = shadowCoord.z - mean;
					float p_max = variance / ( variance + d * d );
					p_max = clamp( ( p_max - 0.3 ) / 0.65, 0.0, 1.0 );
					shadow = max( hard_shadow, p_max );
				}
			}
			return mix( 1.0, shadow, shadowIntensity );
		}
	#else
		float getShadow( sampler2D shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord ) {
			float shadow = 1.0;
			shadowCoord.xyz /= shadowCoord.w;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				shadowCoord.z -= shadowBias;
			#else
				shadowCoord.z += shadowBias;
			#endif
			bool inFrustum = shadowCoord.x >= 0.0 && shadowCoord.x <= 1.0 && shadowCoord.y >= 0.0 && shadowCoord.y <= 1.0;
			bool frustumTest = inFrustum && shadowCoord.z <= 1.0;
			if ( frustumTest ) {
				float depth = texture2D( shadowMap, shadowCoord.xy ).r;
				#ifdef USE_REVERSED_DEPTH_BUFFER
					shadow = step( depth, shadowCoord.z );
				#else
					shadow = step( shadowCoord.z, depth );
				#endif
			}
			return mix( 1.0, shadow, shadowIntensity );
		}
	#endif
	#if NUM_SUN_LIGHT_SHADOWS > 0
		float getSunShadow(
			#if defined( SHADOWMAP_TYPE_PCF )
				sampler2DShadow shadowMap,
			#else
				sampler2D shadowMap,
			#endif
			SunLightShadow sunLightShadow,
			int shadowIndex
		) {
			vec4 shadowWorldPosition = vec4( vSunShadowWorldPosition.xyz + vSunShadowWorldNormal * sunLightShadow.shadowNormalBias, 1.0 );
			float viewDepth = vSunShadowWorldPosition.w;
			int cascadeOffset = shadowIndex * SUN_LIGHT_CASCADES;
			float shadow = 1.0;
			for ( int i = SUN_LIGHT_CASCADES - 1; i >= 0; i -- ) {
				vec4 cascade = sunShadowCascade[ cascadeOffset + i ];
				if ( viewDepth >= cascade.x && viewDepth < cascade.y ) {
					float cascadeShadow = getShadow(
						shadowMap,
						sunLightShadow.shadowMapSize,
						sunLightShadow.shadowIntensity,
						sunLightShadow.shadowBias,
						sunLightShadow.shadowRadius,
						sunShadowMatrix[ cascadeOffset + i ] * shadowWorldPosition
					);
					shadow = mix( cascadeShadow, shadow, smoothstep( cascade.z, cascade.y, viewDepth ) );
				}
			}
			return shadow;
		}
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
	#if defined( SHADOWMAP_TYPE_PCF )
	float getPointShadow( samplerCubeShadow shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord, float shadowCameraNear, float shadowCameraFar ) {
		float shadow = 1.0;
		vec3 lightToPosition = shadowCoord.xyz;
		vec3 bd3D = normalize( lightToPosition );
		vec3 absVec = abs( lightToPosition );
		float viewSpaceZ = max( max( absVec.x, absVec.y ), absVec.z );
		if ( viewSpaceZ - shadowCameraFar <= 0.0 && viewSpaceZ - shadowCameraNear >= 0.0 ) {
			float lightDistance = length( lightToPosition );
			float depthRange = shadowCameraFar - shadowCameraNear;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				float depthA = - shadowCameraNear / depthRange - shadowBias;
				float depthB = shadowCameraNear * shadowCameraFar / ( depthRange * lightDistance );
			#else
				float depthA = shadowCameraFar / depthRange + shadowBias;
				float depthB = - shadowCameraNear * shadowCameraFar / ( depthRange * lightDistance );
			#endif
			float texelSize = shadowRadius / shadowMapSize.x;
			vec3 absDir = abs( bd3D );
			vec3 tangent = absDir.x > absDir.z ? vec3( 0.0, 1.0, 0.0 ) : vec3( 1.0, 0.0, 0.0 );
			tangent = normalize( cross( bd3D, tangent ) );
			vec3 bitangent = cross( bd3D, tangent );
			float phi = interleavedGradientNoise( gl_FragCoord.xy ) * PI2;
			shadow = 0.0;
			for ( int i = 0; i < 5; i ++ ) {
				vec2 offset = vogelDiskSample( i, 5, phi );
				vec3 direction = bd3D + ( tangent * offset.x + bitangent * offset.y ) * texelSize;
				vec3 absDirection = abs( direction );
				float dp = depthA + depthB / max( max( absDirection.x, absDirection.y ), absDirection.z );
				shadow += texture( shadowMap, vec4( direction, dp ) );
			}
			shadow *= 0.2;
		}
		return mix( 1.0, shadow, shadowIntensity );
	}
	#elif defined( SHADOWMAP_TYPE_BASIC )
	float getPointShadow( samplerCube shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord, float shadowCameraNear, float shadowCameraFar ) {
		float shadow = 1.0;
		vec3 lightToPosition = shadowCoord.xyz;
		vec3 absVec = abs( lightToPosition );
		float viewSpaceZ = max( max( absVec.x, absVec.y ), absVec.z );
		if ( viewSpaceZ - shadowCameraFar <= 0.0 && viewSpaceZ - shadowCameraNear >= 0.0 ) {
			float dp = ( shadowCameraFar * ( viewSpaceZ - shadowCameraNear ) ) / ( viewSpaceZ * ( shadowCameraFar - shadowCameraNear ) );
			dp += shadowBias;
			vec3 bd3D = normalize( lightToPosition );
			float depth = textureCube( shadowMap, bd3D ).r;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				depth = 1.0 - depth;
			#endif
			shadow = step( dp, depth );
		}
		return mix( 1.0, shadow, shadowIntensity );
	}
	#endif
	#endif
#endif`,C0=`#if NUM_SPOT_LIGHT_COORDS > 0
	uniform mat4 spotLightMatrix[ NUM_SPOT_LIGHT_COORDS ];
	varying vec4 vSpotLightCoord[ NUM_SPOT_LIGHT_COORDS ];
#endif
#ifdef USE_SHADOWMAP
	#if NUM_SUN_LIGHT_SHADOWS > 0
		varying vec4 vSunShadowWorldPosition;
		varying vec3 vSunShadowWorldNormal;
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
		uniform mat4 directionalShadowMatrix[ NUM_DIR_LIGHT_SHADOWS ];
		varying vec4 vDirectionalShadowCoord[ NUM_DIR_LIGHT_SHADOWS ];
		struct DirectionalLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform DirectionalLightShadow directionalLightShadows[ NUM_DIR_LIGHT_SHADOWS ];
	#endif
	#if NUM_SPOT_LIGHT_SHADOWS > 0
		struct SpotLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform SpotLightShadow spotLightShadows[ NUM_SPOT_LIGHT_SHADOWS ];
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
		uniform mat4 pointShadowMatrix[ NUM_POINT_LIGHT_SHADOWS ];
		varying vec4 vPointShadowCoord[ NUM_POINT_LIGHT_SHADOWS ];
		struct PointLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
			float shadowCameraNear;
			float shadowCameraFar;
		};
		uniform PointLightShadow pointLightShadows[ NUM_POINT_LIGHT_SHADOWS ];
	#endif
#endif`,R0=`#if ( defined( USE_SHADOWMAP ) && ( NUM_DIR_LIGHT_SHADOWS > 0 || NUM_SUN_LIGHT_SHADOWS > 0 || NUM_POINT_LIGHT_SHADOWS > 0 ) ) || ( NUM_SPOT_LIGHT_COORDS > 0 )
	#ifdef HAS_NORMAL
		vec3 shadowWorldNormal = transformNormalByInverseViewMatrix( transformedNormal, viewMatrix );
	#else
		vec3 shadowWorldNormal = vec3( 0.0 );
	#endif
	vec4 shadowWorldPosition;
#endif
#if defined( USE_SHADOWMAP )
	#if NUM_SUN_LIGHT_SHADOWS > 0
		vSunShadowWorldPosition = vec4( worldPosition.xyz, - mvPosition.z );
		vSunShadowWorldNormal = shadowWorldNormal;
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_DIR_LIGHT_SHADOWS; i ++ ) {
			shadowWorldPosition = worldPosition + vec4( shadowWorldNormal * directionalLightShadows[ i ].shadowNormalBias, 0 );
			vDirectionalShadowCoord[ i ] = directionalShadowMatrix[ i ] * shadowWorldPosition;
		}
		#pragma unroll_loop_end
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_POINT_LIGHT_SHADOWS; i ++ ) {
			shadowWorldPosition = worldPosition + vec4( shadowWorldNormal * pointLightShadows[ i ].shadowNormalBias, 0 );
			vPointShadowCoord[ i ] = pointShadowMatrix[ i ] * shadowWorldPosition;
		}
		#pragma unroll_loop_end
	#endif
#endif
#if NUM_SPOT_LIGHT_COORDS > 0
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SPOT_LIGHT_COORDS; i ++ ) {
		shadowWorldPosition = worldPosition;
		#if ( defined( USE_SHADOWMAP ) && UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS )
			shadowWorldPosition.xyz += shadowWorldNormal * spotLightShadows[ i ].shadowNormalBias;
		#endif
		vSpotLightCoord[ i ] = spotLightMatrix[ i ] * shadowWorldPosition;
	}
	#pragma unroll_loop_end
#endif`,P0=`float getShadowMask() {
	float shadow = 1.0;
	#ifdef USE_SHADOWMAP
	#if NUM_SUN_LIGHT_SHADOWS > 0
	SunLightShadow sunLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SUN_LIGHT_SHADOWS; i ++ ) {
		sunLight = sunLightShadows[ i ];
		shadow *= receiveShadow ? getSunShadow( sunShadowMap[ i ], sunLight, UNROLLED_LOOP_INDEX ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
	DirectionalLightShadow directionalLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_DIR_LIGHT_SHADOWS; i ++ ) {
		directionalLight = directionalLightShadows[ i ];
		shadow *= receiveShadow ? getShadow( directionalShadowMap[ i ], directionalLight.shadowMapSize, directionalLight.shadowIntensity, directionalLight.shadowBias, directionalLight.shadowRadius, vDirectionalShadowCoord[ i ] ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#if NUM_SPOT_LIGHT_SHADOWS > 0
	SpotLightShadow spotLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SPOT_LIGHT_SHADOWS; i ++ ) {
		spotLight = spotLightShadows[ i ];
		shadow *= receiveShadow ? getShadow( spotShadowMap[ i ], spotLight.shadowMapSize, spotLight.shadowIntensity, spotLight.shadowBias, spotLight.shadowRadius, vSpotLightCoord[ i ] ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0 && ( defined( SHADOWMAP_TYPE_PCF ) || defined( SHADOWMAP_TYPE_BASIC ) )
	PointLightShadow pointLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_POINT_LIGHT_SHADOWS; i ++ ) {
		pointLight = pointLightShadows[ i ];
		shadow *= receiveShadow ? getPointShadow( pointShadowMap[ i ], pointLight.shadowMapSize, pointLight.shadowIntensity, pointLight.shadowBias, pointLight.shadowRadius, vPointShadowCoord[ i ], pointLight.shadowCameraNear, pointLight.shadowCameraFar ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#endif
	return shadow;
}`,I0=`#ifdef USE_SKINNING
	mat4 boneMatX = getBoneMatrix( skinIndex.x );
	mat4 boneMatY = getBoneMatrix( skinIndex.y );
	mat4 boneMatZ = getBoneMatrix( skinIndex.z );
	mat4 boneMatW = getBoneMatrix( skinIndex.w );
#endif`,L0=`#ifdef USE_SKINNING
	uniform mat4 bindMatrix;
	uniform mat4 bindMatrixInverse;
	uniform highp sampler2D boneTexture;
	mat4 getBoneMatrix( const in float i ) {
		int size = textureSize( boneTexture, 0 ).x;
		int j = int( i ) * 4;
		int x = j % size;
		int y = j / size;
		vec4 v1 = texelFetch( boneTexture, ivec2( x, y ), 0 );
		vec4 v2 = texelFetch( boneTexture, ivec2( x + 1, y ), 0 );
		vec4 v3 = texelFetch( boneTexture, ivec2( x + 2, y ), 0 );
		vec4 v4 = texelFetch( boneTexture, ivec2( x + 3, y ), 0 );
		return mat4( v1, v2, v3, v4 );
	}
#endif`,D0=`#ifdef USE_SKINNING
	vec4 skinVertex = bindMatrix * vec4( transformed, 1.0 );
	vec4 skinned = vec4( 0.0 );
	skinned += boneMatX * skinVertex * skinWeight.x;
	skinned += boneMatY * skinVertex * skinWeight.y;
	skinned += boneMatZ * skinVertex * skinWeight.z;
	skinned += boneMatW * skinVertex * skinWeight.w;
	transformed = ( bindMatrixInverse * skinned ).xyz;
#endif`,N0=`#ifdef USE_SKINNING
	mat4 skinMatrix = mat4( 0.0 );
	skinMatrix += skinWeight.x * boneMatX;
	skinMatrix += skinWeight.y * boneMatY;
	skinMatrix += skinWeight.z * boneMatZ;
	skinMatrix += skinWeight.w * boneMatW;
	skinMatrix = bindMatrixInverse * skinMatrix * bindMatrix;
	objectNormal = vec4( skinMatrix * vec4( objectNormal, 0.0 ) ).xyz;
	#ifdef USE_TANGENT
		objectTangent = vec4( skinMatrix * vec4( objectTangent, 0.0 ) ).xyz;
	#endif
#endif`,U0=`float specularStrength;
#ifdef USE_SPECULARMAP
	vec4 texelSpecular = texture2D( specularMap, vSpecularMapUv );
	specularStrength = texelSpecular.r;
#else
	specularStrength = 1.0;
#endif`,F0=`#ifdef USE_SPECULARMAP
	uniform sampler2D specularMap;
#endif`,O0=`#if defined( TONE_MAPPING )
	gl_FragColor.rgb = toneMapping( gl_FragColor.rgb );
#endif`,B0=`#ifndef saturate
#define saturate( a ) clamp( a, 0.0, 1.0 )
#endif
uniform float toneMappingExposure;
vec3 LinearToneMapping( vec3 color ) {
	return saturate( toneMappingExposure * color );
}
vec3 ReinhardToneMapping( vec3 color ) {
	color *= toneMappingExposure;
	return saturate( color / ( vec3( 1.0 ) + color ) );
}
vec3 CineonToneMapping( vec3 color ) {
	color *= toneMappingExposure;
	color = max( vec3( 0.0 ), color - 0.004 );
	return pow( ( color * ( 6.2 * color + 0.5 ) ) / ( color * ( 6.2 * color + 1.7 ) + 0.06 ), vec3( 2.2 ) );
}
vec3 RRTAndODTFit( vec3 v ) {
	vec3 a = v * ( v + 0.0245786 ) - 0.000090537;
	vec3 b = v * ( 0.983729 * v + 0.4329510 ) + 0.238081;
	return a / b;
}
vec3 ACESFilmicToneMapping( vec3 color ) {
	const mat3 ACESInputMat = mat3(
		vec3( 0.59719, 0.07600, 0.02840 ),		vec3( 0.35458, 0.90834, 0.13383 ),
		vec3( 0.04823, 0.01566, 0.83777 )
	);
	const mat3 ACESOutputMat = mat3(
		vec3(  1.60475, -0.10208, -0.00327 ),		vec3( -0.53108,  1.10813, -0.07276 ),
		vec3( -0.07367, -0.00605,  1.07602 )
	);
	color *= toneMappingExposure / 0.6;
	color = ACESInputMat * color;
	color = RRTAndODTFit( color );
	color = ACESOutputMat * color;
	return saturate( color );
}
const mat3 LINEAR_REC2020_TO_LINEAR_SRGB = mat3(
	vec3( 1.6605, - 0.1246, - 0.0182 ),
	vec3( - 0.5876, 1.1329, - 0.1006 ),
	vec3( - 0.0728, - 0.0083, 1.1187 )
);
const mat3 LINEAR_SRGB_TO_LINEAR_REC2020 = mat3(
	vec3( 0.6274, 0.0691, 0.0164 ),
	vec3( 0.3293, 0.9195, 0.0880 ),
	vec3( 0.0433, 0.0113, 0.8956 )
);
vec3 agxDefaultContrastApprox( vec3 x ) {
	vec3 x2 = x * x;
	vec3 x4 = x2 * x2;
	return + 15.5 * x4 * x2
		- 40.14 * x4 * x
		+ 31.96 * x4
		- 6.868 * x2 * x
		+ 0.4298 * x2
		+ 0.1191 * x
		- 0.00232;
}
vec3 AgXToneMapping( vec3 color ) {
	const mat3 AgXInsetMatrix = mat3(
		vec3( 0.856627153315983, 0.137318972929847, 0.11189821299995 ),
		vec3( 0.0951212405381588, 0.761241990602591, 0.0767994186031903 ),
		vec3( 0.0482516061458583, 0.101439036467562, 0.811302368396859 )
	);
	const mat3 AgXOutsetMatrix = mat3(
		vec3( 1.1271005818144368, - 0.1413297634984383, - 0.14132976349843826 ),
		vec3( - 0.11060664309660323, 1.157823702216272, - 0.11060664309660294 ),
		vec3( - 0.016493938717834573, - 0.016493938717834257, 1.2519364065950405 )
	);
	const float AgxMinEv = - 12.47393;	const float AgxMaxEv = 4.026069;
	color *= toneMappingExposure;
	color = LINEAR_SRGB_TO_LINEAR_REC2020 * color;
	color = AgXInsetMatrix * color;
	color = max( color, 1e-10 );	color = log2( color );
	color = ( color - AgxMinEv ) / ( AgxMaxEv - AgxMinEv );
	color = clamp( color, 0.0, 1.0 );
	color = agxDefaultContrastApprox( color );
	color = AgXOutsetMatrix * color;
	color = pow( max( vec3( 0.0 ), color ), vec3( 2.2 ) );
	color = LINEAR_REC2020_TO_LINEAR_SRGB * color;
	color = clamp( color, 0.0, 1.0 );
	return color;
}
vec3 NeutralToneMapping( vec3 color ) {
	const float StartCompression = 0.8 - 0.04;
	const float Desaturation = 0.15;
	color *= toneMappingExposure;
	float x = min( color.r, min( color.g, color.b ) );
	float offset = x < 0.08 ? x - 6.25 * x * x : 0.04;
	color -= offset;
	float peak = max( color.r, max( color.g, color.b ) );
	if ( peak < StartCompression ) return color;
	float d = 1. - StartCompression;
	float newPeak = 1. - d * d / ( peak + d - StartCompression );
	color *= newPeak / peak;
	float g = 1. - 1. / ( Desaturation * ( peak - newPeak ) + 1. );
	return mix( color, vec3( newPeak ), g );
}
vec3 CustomToneMapping( vec3 color ) { return color; }`,k0=`#ifdef USE_TRANSMISSION
	material.transmission = transmission;
	material.transmissionAlpha = 1.0;
	material.thickness = thickness;
	material.attenuationDistance = attenuationDistance;
	material.attenuationColor = attenuationColor;
	#ifdef USE_TRANSMISSIONMAP
		material.transmission *= texture2D( transmissionMap, vTransmissionMapUv ).r;
	#endif
	#ifdef USE_THICKNESSMAP
		material.thickness *= texture2D( thicknessMap, vThicknessMapUv ).g;
	#endif
	vec3 pos = vWorldPosition;
	vec3 v = normalize( cameraPosition - pos );
	vec3 n = transformNormalByInverseViewMatrix( normal, viewMatrix );
	vec4 transmitted = getIBLVolumeRefraction(
		n, v, material.roughness, material.diffuseContribution, material.specularColorBlended, material.specularF90,
		pos, modelMatrix, viewMatrix, projectionMatrix, material.dispersion, material.ior, material.thickness,
		material.attenuationColor, material.attenuationDistance );
	material.transmissionAlpha = mix( material.transmissionAlpha, transmitted.a, material.transmission );
	totalDiffuse = mix( totalDiffuse, transmitted.rgb, material.transmission );
#endif`,z0=`#ifdef USE_TRANSMISSION
	uniform float transmission;
	uniform float thickness;
	uniform float attenuationDistance;
	uniform vec3 attenuationColor;
	#ifdef USE_TRANSMISSIONMAP
		uniform sampler2D transmissionMap;
	#endif
	#ifdef USE_THICKNESSMAP
		uniform sampler2D thicknessMap;
	#endif
	uniform vec2 transmissionSamplerSize;
	uniform sampler2D transmissionSamplerMap;
	uniform mat4 modelMatrix;
	uniform mat4 projectionMatrix;
	varying vec3 vWorldPosition;
	float w0( float a ) {
		return ( 1.0 / 6.0 ) * ( a * ( a * ( - a + 3.0 ) - 3.0 ) + 1.0 );
	}
	float w1( float a ) {
		return ( 1.0 / 6.0 ) * ( a *  a * ( 3.0 * a - 6.0 ) + 4.0 );
	}
	float w2( float a ){
		return ( 1.0 / 6.0 ) * ( a * ( a * ( - 3.0 * a + 3.0 ) + 3.0 ) + 1.0 );
	}
	float w3( float a ) {
		return ( 1.0 / 6.0 ) * ( a * a * a );
	}
	float g0( float a ) {
		return w0( a ) + w1( a );
	}
	float g1( float a ) {
		return w2( a ) + w3( a );
	}
	float h0( float a ) {
		return - 1.0 + w1( a ) / ( w0( a ) + w1( a ) );
	}
	float h1( float a ) {
		return 1.0 + w3( a ) / ( w2( a ) + w3( a ) );
	}
	vec4 bicubic( sampler2D tex, vec2 uv, vec4 texelSize, float lod ) {
		uv = uv * texelSize.zw + 0.5;
		vec2 iuv = floor( uv );
		vec2 fuv = fract( uv );
		float g0x = g0( fuv.x );
		float g1x = g1( fuv.x );
		float h0x = h0( fuv.x );
		float h1x = h1( fuv.x );
		float h0y = h0( fuv.y );
		float h1y = h1( fuv.y );
		vec2 p0 = ( vec2( iuv.x + h0x, iuv.y + h0y ) - 0.5 ) * texelSize.xy;
		vec2 p1 = ( vec2( iuv.x + h1x, iuv.y + h0y ) - 0.5 ) * texelSize.xy;
		vec2 p2 = ( vec2( iuv.x + h0x, iuv.y + h1y ) - 0.5 ) * texelSize.xy;
		vec2 p3 = ( vec2( iuv.x + h1x, iuv.y + h1y ) - 0.5 ) * texelSize.xy;
		return g0( fuv.y ) * ( g0x * textureLod( tex, p0, lod ) + g1x * textureLod( tex, p1, lod ) ) +
			g1( fuv.y ) * ( g0x * textureLod( tex, p2, lod ) + g1x * textureLod( tex, p3, lod ) );
	}
	vec4 textureBicubic( sampler2D sampler, vec2 uv, float lod ) {
		vec2 fLodSize = vec2( textureSize( sampler, int( lod ) ) );
		vec2 cLodSize = vec2( textureSize( sampler, int( lod + 1.0 ) ) );
		vec2 fLodSizeInv = 1.0 / fLodSize;
		vec2 cLodSizeInv = 1.0 / cLodSize;
		vec4 fSample = bicubic( sampler, uv, vec4( fLodSizeInv, fLodSize ), floor( lod ) );
		vec4 cSample = bicubic( sampler, uv, vec4( cLodSizeInv, cLodSize ), ceil( lod ) );
		return mix( fSample, cSample, fract( lod ) );
	}
	vec3 getVolumeTransmissionRay( const in vec3 n, const in vec3 v, const in float thickness, const in float ior, const in mat4 modelMatrix ) {
		vec3 refractionVector = refract( - v, normalize( n ), 1.0 / ior );
		vec3 modelScale;
		modelScale.x = length( vec3( modelMatrix[ 0 ].xyz ) );
		modelScale.y = length( vec3( modelMatrix[ 1 ].xyz ) );
		modelScale.z = length( vec3( modelMatrix[ 2 ].xyz ) );
		return normalize( refractionVector ) * thickness * modelScale;
	}
	float applyIorToRoughness( const in float roughness, const in float ior ) {
		return roughness * clamp( ior * 2.0 - 2.0, 0.0, 1.0 );
	}
	vec4 getTransmissionSample( const in vec2 fragCoord, const in float roughness, const in float ior ) {
		float lod = log2( transmissionSamplerSize.x ) * applyIorToRoughness( roughness, ior );
		return textureBicubic( transmissionSamplerMap, fragCoord.xy, lod );
	}
	vec3 volumeAttenuation( const in float transmissionDistance, const in vec3 attenuationColor, const in float attenuationDistance ) {
		if ( isinf( attenuationDistance ) ) {
			return vec3( 1.0 );
		} else {
			vec3 attenuationCoefficient = -log( attenuationColor ) / attenuationDistance;
			vec3 transmittance = exp( - attenuationCoefficient * transmissionDistance );			return transmittance;
		}
	}
	vec4 getIBLVolumeRefraction( const in vec3 n, const in vec3 v, const in float roughness, const in vec3 diffuseColor,
		const in vec3 specularColor, const in float specularF90, const in vec3 position, const in mat4 modelMatrix,
		const in mat4 viewMatrix, const in mat4 projMatrix, const in float dispersion, const in float ior, const in float thickness,
		const in vec3 attenuationColor, const in float attenuationDistance ) {
		vec4 transmittedLight;
		vec3 transmittance;
		#ifdef USE_DISPERSION
			float halfSpread = ( ior - 1.0 ) * 0.025 * dispersion;
			vec3 iors = vec3( ior - halfSpread, ior, ior + halfSpread );
			for ( int i = 0; i < 3; i ++ ) {
				vec3 transmissionRay = getVolumeTransmissionRay( n, v, thickness, iors[ i ], modelMatrix );
				vec3 refractedRayExit = position + transmissionRay;
				vec4 ndcPos = projMatrix * viewMatrix * vec4( refractedRayExit, 1.0 );
				vec2 refractionCoords = ndcPos.xy / ndcPos.w;
				refractionCoords += 1.0;
				refractionCoords /= 2.0;
				vec4 transmissionSample = getTransmissionSample( refractionCoords, roughness, iors[ i ] );
				transmittedLight[ i ] = transmissionSample[ i ];
				transmittedLight.a += transmissionSample.a;
				transmittance[ i ] = diffuseColor[ i ] * volumeAttenuation( length( transmissionRay ), attenuationColor, attenuationDistance )[ i ];
			}
			transmittedLight.a /= 3.0;
		#else
			vec3 transmissionRay = getVolumeTransmissionRay( n, v, thickness, ior, modelMatrix );
			vec3 refractedRayExit = position + transmissionRay;
			vec4 ndcPos = projMatrix * viewMatrix * vec4( refractedRayExit, 1.0 );
			vec2 refractionCoords = ndcPos.xy / ndcPos.w;
			refractionCoords += 1.0;
			refractionCoords /= 2.0;
			transmittedLight = getTransmissionSample( refractionCoords, roughness, ior );
			transmittance = diffuseColor * volumeAttenuation( length( transmissionRay ), attenuationColor, attenuationDistance );
		#endif
		vec3 attenuatedColor = transmittance * transmittedLight.rgb;
		vec3 F = EnvironmentBRDF( n, v, specularColor, specularF90, roughness );
		float transmittanceFactor = ( transmittance.r + transmittance.g + transmittance.b ) / 3.0;
		return vec4( ( 1.0 - F ) * attenuatedColor, 1.0 - ( 1.0 - transmittedLight.a ) * transmittanceFactor );
	}
#endif`,V0=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
	varying vec2 vUv;
#endif
#ifdef USE_MAP
	varying vec2 vMapUv;
#endif
#ifdef USE_ALPHAMAP
	varying vec2 vAlphaMapUv;
#endif
#ifdef USE_LIGHTMAP
	varying vec2 vLightMapUv;
#endif
#ifdef USE_AOMAP
	varying vec2 vAoMapUv;
#endif
#ifdef USE_BUMPMAP
	varying vec2 vBumpMapUv;
#endif
#ifdef USE_NORMALMAP
	varying vec2 vNormalMapUv;
#endif
#ifdef USE_EMISSIVEMAP
	varying vec2 vEmissiveMapUv;
#endif
#ifdef USE_METALNESSMAP
	varying vec2 vMetalnessMapUv;
#endif
#ifdef USE_ROUGHNESSMAP
	varying vec2 vRoughnessMapUv;
#endif
#ifdef USE_DIFFUSE_ROUGHNESSMAP
	varying vec2 vDiffuseRoughnessMapUv;
#endif
#ifdef USE_ANISOTROPYMAP
	varying vec2 vAnisotropyMapUv;
#endif
#ifdef USE_CLEARCOATMAP
	varying vec2 vClearcoatMapUv;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	varying vec2 vClearcoatNormalMapUv;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	varying vec2 vClearcoatRoughnessMapUv;
#endif
#ifdef USE_IRIDESCENCEMAP
	varying vec2 vIridescenceMapUv;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	varying vec2 vIridescenceThicknessMapUv;
#endif
#ifdef USE_SHEEN_COLORMAP
	varying vec2 vSheenColorMapUv;
#endif
#ifdef USE_SHEEN_ROUGHNESSMAP
	varying vec2 vSheenRoughnessMapUv;
#endif
#ifdef USE_SPECULARMAP
	varying vec2 vSpecularMapUv;
#endif
#ifdef USE_SPECULAR_COLORMAP
	varying vec2 vSpecularColorMapUv;
#endif
#ifdef USE_SPECULAR_INTENSITYMAP
	varying vec2 vSpecularIntensityMapUv;
#endif
#ifdef USE_TRANSMISSIONMAP
	uniform mat3 transmissionMapTransform;
	varying vec2 vTransmissionMapUv;
#endif
#ifdef USE_THICKNESSMAP
	uniform mat3 thicknessMapTransform;
	varying vec2 vThicknessMapUv;
#endif`,H0=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
	varying vec2 vUv;
#endif
#ifdef USE_MAP
	uniform mat3 mapTransform;
	varying vec2 vMapUv;
#endif
#ifdef USE_ALPHAMAP
	uniform mat3 alphaMapTransform;
	varying vec2 vAlphaMapUv;
#endif
#ifdef USE_LIGHTMAP
	uniform mat3 lightMapTransform;
	varying vec2 vLightMapUv;
#endif
#ifdef USE_AOMAP
	uniform mat3 aoMapTransform;
	varying vec2 vAoMapUv;
#endif
#ifdef USE_BUMPMAP
	uniform mat3 bumpMapTransform;
	varying vec2 vBumpMapUv;
#endif
#ifdef USE_NORMALMAP
	uniform mat3 normalMapTransform;
	varying vec2 vNormalMapUv;
#endif
#ifdef USE_DISPLACEMENTMAP
	uniform mat3 displacementMapTransform;
	varying vec2 vDisplacementMapUv;
#endif
#ifdef USE_EMISSIVEMAP
	uniform mat3 emissiveMapTransform;
	varying vec2 vEmissiveMapUv;
#endif
#ifdef USE_METALNESSMAP
	uniform mat3 metalnessMapTransform;
	varying vec2 vMetalnessMapUv;
#endif
#ifdef USE_ROUGHNESSMAP
	uniform mat3 roughnessMapTransform;
	varying vec2 vRoughnessMapUv;
#endif
#ifdef USE_DIFFUSE_ROUGHNESSMAP
	uniform mat3 diffuseRoughnessMapTransform;
	varying vec2 vDiffuseRoughnessMapUv;
#endif
#ifdef USE_ANISOTROPYMAP
	uniform mat3 anisotropyMapTransform;
	varying vec2 vAnisotropyMapUv;
#endif
#ifdef USE_CLEARCOATMAP
	uniform mat3 clearcoatMapTransform;
	varying vec2 vClearcoatMapUv;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform mat3 clearcoatNormalMapTransform;
	varying vec2 vClearcoatNormalMapUv;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform mat3 clearcoatRoughnessMapTransform;
	varying vec2 vClearcoatRoughnessMapUv;
#endif
#ifdef USE_SHEEN_COLORMAP
	uniform mat3 sheenColorMapTransform;
	varying vec2 vSheenColorMapUv;
#endif
#ifdef USE_SHEEN_ROUGHNESSMAP
	uniform mat3 sheenRoughnessMapTransform;
	varying vec2 vSheenRoughnessMapUv;
#endif
#ifdef USE_IRIDESCENCEMAP
	uniform mat3 iridescenceMapTransform;
	varying vec2 vIridescenceMapUv;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform mat3 iridescenceThicknessMapTransform;
	varying vec2 vIridescenceThicknessMapUv;
#endif
#ifdef USE_SPECULARMAP
	uniform mat3 specularMapTransform;
	varying vec2 vSpecularMapUv;
#endif
#ifdef USE_SPECULAR_COLORMAP
	uniform mat3 specularColorMapTransform;
	varying vec2 vSpecularColorMapUv;
#endif
#ifdef USE_SPECULAR_INTENSITYMAP
	uniform mat3 specularIntensityMapTransform;
	varying vec2 vSpecularIntensityMapUv;
#endif
#ifdef USE_TRANSMISSIONMAP
	uniform mat3 transmissionMapTransform;
	varying vec2 vTransmissionMapUv;
#endif
#ifdef USE_THICKNESSMAP
	uniform mat3 thicknessMapTransform;
	varying vec2 vThicknessMapUv;
#endif`,G0=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
	vUv = vec3( uv, 1 ).xy;
#endif
#ifdef USE_MAP
	vMapUv = ( mapTransform * vec3( MAP_UV, 1 ) ).xy;
#endif
#ifdef USE_ALPHAMAP
	vAlphaMapUv = ( alphaMapTransform * vec3( ALPHAMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_LIGHTMAP
	vLightMapUv = ( lightMapTransform * vec3( LIGHTMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_AOMAP
	vAoMapUv = ( aoMapTransform * vec3( AOMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_BUMPMAP
	vBumpMapUv = ( bumpMapTransform * vec3( BUMPMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_NORMALMAP
	vNormalMapUv = ( normalMapTransform * vec3( NORMALMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_DISPLACEMENTMAP
	vDisplacementMapUv = ( displacementMapTransform * vec3( DISPLACEMENTMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_EMISSIVEMAP
	vEmissiveMapUv = ( emissiveMapTransform * vec3( EMISSIVEMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_METALNESSMAP
	vMetalnessMapUv = ( metalnessMapTransform * vec3( METALNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_ROUGHNESSMAP
	vRoughnessMapUv = ( roughnessMapTransform * vec3( ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_DIFFUSE_ROUGHNESSMAP
	vDiffuseRoughnessMapUv = ( diffuseRoughnessMapTransform * vec3( DIFFUSE_ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_ANISOTROPYMAP
	vAnisotropyMapUv = ( anisotropyMapTransform * vec3( ANISOTROPYMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_CLEARCOATMAP
	vClearcoatMapUv = ( clearcoatMapTransform * vec3( CLEARCOATMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	vClearcoatNormalMapUv = ( clearcoatNormalMapTransform * vec3( CLEARCOAT_NORMALMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	vClearcoatRoughnessMapUv = ( clearcoatRoughnessMapTransform * vec3( CLEARCOAT_ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_IRIDESCENCEMAP
	vIridescenceMapUv = ( iridescenceMapTransform * vec3( IRIDESCENCEMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	vIridescenceThicknessMapUv = ( iridescenceThicknessMapTransform * vec3( IRIDESCENCE_THICKNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SHEEN_COLORMAP
	vSheenColorMapUv = ( sheenColorMapTransform * vec3( SHEEN_COLORMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SHEEN_ROUGHNESSMAP
	vSheenRoughnessMapUv = ( sheenRoughnessMapTransform * vec3( SHEEN_ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SPECULARMAP
	vSpecularMapUv = ( specularMapTransform * vec3( SPECULARMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SPECULAR_COLORMAP
	vSpecularColorMapUv = ( specularColorMapTransform * vec3( SPECULAR_COLORMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SPECULAR_INTENSITYMAP
	vSpecularIntensityMapUv = ( specularIntensityMapTransform * vec3( SPECULAR_INTENSITYMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_TRANSMISSIONMAP
	vTransmissionMapUv = ( transmissionMapTransform * vec3( TRANSMISSIONMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_THICKNESSMAP
	vThicknessMapUv = ( thicknessMapTransform * vec3( THICKNESSMAP_UV, 1 ) ).xy;
#endif`,W0=`#if defined( USE_ENVMAP ) || defined( DISTANCE ) || defined ( USE_SHADOWMAP ) || defined ( USE_TRANSMISSION ) || NUM_SPOT_LIGHT_COORDS > 0
	vec4 worldPosition = vec4( transformed, 1.0 );
	#ifdef USE_BATCHING
		worldPosition = batchingMatrix * worldPosition;
	#endif
	#ifdef USE_INSTANCING
		worldPosition = instanceMatrix * worldPosition;
	#endif
	worldPosition = modelMatrix * worldPosition;
#endif`,q0=`varying vec2 vUv;
uniform mat3 uvTransform;
void main() {
	vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	gl_Position = vec4( position.xy, 1.0, 1.0 );
}`,X0=`uniform sampler2D t2D;
uniform float backgroundIntensity;
varying vec2 vUv;
void main() {
	vec4 texColor = texture2D( t2D, vUv );
	#ifdef DECODE_VIDEO_TEXTURE
		texColor = vec4( mix( pow( texColor.rgb * 0.9478672986 + vec3( 0.0521327014 ), vec3( 2.4 ) ), texColor.rgb * 0.0773993808, vec3( lessThanEqual( texColor.rgb, vec3( 0.04045 ) ) ) ), texColor.w );
	#endif
	texColor.rgb *= backgroundIntensity;
	gl_FragColor = texColor;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,Y0=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,$0=`uniform float backgroundBlurriness;
uniform float backgroundIntensity;
uniform mat3 backgroundRotation;
varying vec3 vWorldDirection;
#include <envmap_common_pars_fragment>
void main() {
	#ifdef ENVMAP_TYPE_PMREM
		vec4 texColor = textureLod( envMap, backgroundRotation * vWorldDirection, roughnessToMip( backgroundBlurriness ) );
	#else
		vec4 texColor = textureCube( envMap, backgroundRotation * vWorldDirection );
	#endif
	texColor.rgb *= backgroundIntensity;
	gl_FragColor = texColor;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,Z0=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,J0=`uniform samplerCube tCube;
uniform float tFlip;
uniform float opacity;
varying vec3 vWorldDirection;
void main() {
	vec4 texColor = textureCube( tCube, vec3( tFlip * vWorldDirection.x, vWorldDirection.yz ) );
	gl_FragColor = texColor;
	gl_FragColor.a *= opacity;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,K0=`#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
varying vec2 vHighPrecisionZW;
void main() {
	#include <uv_vertex>
	#include <batching_vertex>
	#include <skinbase_vertex>
	#include <morphinstance_vertex>
	#ifdef USE_DISPLACEMENTMAP
		#include <beginnormal_vertex>
		#include <morphnormal_vertex>
		#include <skinnormal_vertex>
	#endif
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vHighPrecisionZW = gl_Position.zw;
}`,j0=`#if DEPTH_PACKING == 3200
	uniform float opacity;
#endif
#include <common>
#include <packing>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
varying vec2 vHighPrecisionZW;
void main() {
	vec4 diffuseColor = vec4( 1.0 );
	#include <clipping_planes_fragment>
	#if DEPTH_PACKING == 3200
		diffuseColor.a = opacity;
	#endif
	#include <map_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <logdepthbuf_fragment>
	#ifdef USE_REVERSED_DEPTH_BUFFER
		float fragCoordZ = vHighPrecisionZW[ 0 ] / vHighPrecisionZW[ 1 ];
	#else
		float fragCoordZ = 0.5 * vHighPrecisionZW[ 0 ] / vHighPrecisionZW[ 1 ] + 0.5;
	#endif
	#if DEPTH_PACKING == 3200
		gl_FragColor = vec4( vec3( 1.0 - fragCoordZ ), opacity );
	#elif DEPTH_PACKING == 3201
		gl_FragColor = packDepthToRGBA( fragCoordZ );
	#elif DEPTH_PACKING == 3202
		gl_FragColor = vec4( packDepthToRGB( fragCoordZ ), 1.0 );
	#elif DEPTH_PACKING == 3203
		gl_FragColor = vec4( packDepthToRG( fragCoordZ ), 0.0, 1.0 );
	#endif
}`,Q0=`#define DISTANCE
varying vec3 vWorldPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <batching_vertex>
	#include <skinbase_vertex>
	#include <morphinstance_vertex>
	#ifdef USE_DISPLACEMENTMAP
		#include <beginnormal_vertex>
		#include <morphnormal_vertex>
		#include <skinnormal_vertex>
	#endif
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <worldpos_vertex>
	#include <clipping_planes_vertex>
	vWorldPosition = worldPosition.xyz;
}`,tx=`#define DISTANCE
uniform vec3 referencePosition;
uniform float nearDistance;
uniform float farDistance;
varying vec3 vWorldPosition;
#include <common>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( 1.0 );
	#include <clipping_planes_fragment>
	#include <map_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	float dist = length( vWorldPosition - referencePosition );
	dist = ( dist - nearDistance ) / ( farDistance - nearDistance );
	dist = saturate( dist );
	gl_FragColor = vec4( dist, 0.0, 0.0, 1.0 );
}`,ex=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
}`,nx=`uniform sampler2D tEquirect;
varying vec3 vWorldDirection;
#include <common>
void main() {
	vec3 direction = normalize( vWorldDirection );
	vec2 sampleUV = equirectUv( direction );
	gl_FragColor = texture2D( tEquirect, sampleUV );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,ix=`uniform float scale;
attribute float lineDistance;
varying float vLineDistance;
#include <common>
#include <uv_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	vLineDistance = scale * lineDistance;
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <fog_vertex>
}`,sx=`uniform vec3 diffuse;
uniform float opacity;
uniform float dashSize;
uniform float totalSize;
varying float vLineDistance;
#include <common>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <fog_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	if ( mod( vLineDistance, totalSize ) > dashSize ) {
		discard;
	}
	vec3 outgoingLight = vec3( 0.0 );
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	outgoingLight = diffuseColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
}`,rx=`#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <envmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#if defined ( USE_ENVMAP ) || defined ( USE_SKINNING )
		#include <beginnormal_vertex>
		#include <morphnormal_vertex>
		#include <skinbase_vertex>
		#include <skinnormal_vertex>
		#include <defaultnormal_vertex>
	#endif
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <worldpos_vertex>
	#include <envmap_vertex>
	#include <fog_vertex>
}`,ox=`uniform vec3 diffuse;
uniform float opacity;
#ifndef FLAT_SHADED
	varying vec3 vNormal;
#endif
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_pars_fragment>
#include <fog_pars_fragment>
#include <specularmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <specularmap_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	#ifdef USE_LIGHTMAP
		vec4 lightMapTexel = texture2D( lightMap, vLightMapUv );
		reflectedLight.indirectDiffuse += lightMapTexel.rgb * lightMapIntensity * RECIPROCAL_PI;
	#else
		reflectedLight.indirectDiffuse += vec3( 1.0 );
	#endif
	#include <aomap_fragment>
	reflectedLight.indirectDiffuse *= diffuseColor.rgb;
	vec3 outgoingLight = reflectedLight.indirectDiffuse;
	#include <envmap_fragment>
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,ax=`#define LAMBERT
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <envmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <envmap_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,lx=`#define LAMBERT
uniform vec3 diffuse;
uniform vec3 emissive;
uniform float opacity;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_pars_fragment>
#include <envmap_physical_pars_fragment>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_lambert_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <specularmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <specularmap_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_lambert_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 outgoingLight = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse + totalEmissiveRadiance;
	#include <envmap_fragment>
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,cx=`#define MATCAP
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <color_pars_vertex>
#include <displacementmap_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <fog_vertex>
	vViewPosition = - mvPosition.xyz;
}`,hx=`#define MATCAP
uniform vec3 diffuse;
uniform float opacity;
uniform sampler2D matcap;
varying vec3 vViewPosition;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <fog_pars_fragment>
#include <normal_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	vec3 viewDir = normalize( vViewPosition );
	vec3 x = normalize( vec3( viewDir.z, 0.0, - viewDir.x ) );
	vec3 y = cross( viewDir, x );
	vec2 uv = vec2( dot( x, normal ), dot( y, normal ) ) * 0.495 + 0.5;
	#ifdef USE_MATCAP
		vec4 matcapColor = texture2D( matcap, uv );
	#else
		vec4 matcapColor = vec4( vec3( mix( 0.2, 0.8, uv.y ) ), 1.0 );
	#endif
	vec3 outgoingLight = diffuseColor.rgb * matcapColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,ux=`#define NORMAL
#if defined( FLAT_SHADED ) || defined( USE_BUMPMAP ) || defined( USE_NORMALMAP_TANGENTSPACE )
	varying vec3 vViewPosition;
#endif
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphinstance_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
#if defined( FLAT_SHADED ) || defined( USE_BUMPMAP ) || defined( USE_NORMALMAP_TANGENTSPACE )
	vViewPosition = - mvPosition.xyz;
#endif
}`,dx=`#define NORMAL
uniform float opacity;
#if defined( FLAT_SHADED ) || defined( USE_BUMPMAP ) || defined( USE_NORMALMAP_TANGENTSPACE )
	varying vec3 vViewPosition;
#endif
#include <uv_pars_fragment>
#include <normal_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( 0.0, 0.0, 0.0, opacity );
	#include <clipping_planes_fragment>
	#include <logdepthbuf_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	gl_FragColor = vec4( normalize( normal ) * 0.5 + 0.5, diffuseColor.a );
	#ifdef OPAQUE
		gl_FragColor.a = 1.0;
	#endif
}`,fx=`#define PHONG
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <envmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphinstance_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <envmap_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,px=`#define PHONG
uniform vec3 diffuse;
uniform vec3 emissive;
uniform vec3 specular;
uniform float shininess;
uniform float opacity;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_pars_fragment>
#include <envmap_physical_pars_fragment>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_phong_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <specularmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <specularmap_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_phong_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 outgoingLight = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse + reflectedLight.directSpecular + reflectedLight.indirectSpecular + totalEmissiveRadiance;
	#include <envmap_fragment>
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,mx=`#define STANDARD
varying vec3 vViewPosition;
#ifdef USE_TRANSMISSION
	varying vec3 vWorldPosition;
#endif
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
#ifdef USE_TRANSMISSION
	vWorldPosition = worldPosition.xyz;
#endif
}`,gx=`#define STANDARD
#ifdef PHYSICAL
	#define IOR
	#define USE_SPECULAR
#endif
uniform vec3 diffuse;
uniform vec3 emissive;
uniform float roughness;
uniform float metalness;
uniform float opacity;
#ifdef IOR
	uniform float ior;
#endif
#ifdef USE_SPECULAR
	uniform float specularIntensity;
	uniform vec3 specularColor;
	#ifdef USE_SPECULAR_COLORMAP
		uniform sampler2D specularColorMap;
	#endif
	#ifdef USE_SPECULAR_INTENSITYMAP
		uniform sampler2D specularIntensityMap;
	#endif
#endif
#ifdef USE_CLEARCOAT
	uniform float clearcoat;
	uniform float clearcoatRoughness;
#endif
#ifdef USE_DIFFUSE_ROUGHNESS
	uniform float diffuseRoughness;
	#ifdef USE_DIFFUSE_ROUGHNESSMAP
		uniform sampler2D diffuseRoughnessMap;
	#endif
#endif
#ifdef USE_DISPERSION
	uniform float dispersion;
#endif
#ifdef USE_RETROREFLECTION
	uniform float retroreflectivity;
#endif
#ifdef USE_IRIDESCENCE
	uniform float iridescence;
	uniform float iridescenceIOR;
	uniform float iridescenceThicknessMinimum;
	uniform float iridescenceThicknessMaximum;
#endif
#ifdef USE_SHEEN
	uniform vec3 sheenColor;
	uniform float sheenRoughness;
	#ifdef USE_SHEEN_COLORMAP
		uniform sampler2D sheenColorMap;
	#endif
	#ifdef USE_SHEEN_ROUGHNESSMAP
		uniform sampler2D sheenRoughnessMap;
	#endif
#endif
#ifdef USE_ANISOTROPY
	uniform vec2 anisotropyVector;
	#ifdef USE_ANISOTROPYMAP
		uniform sampler2D anisotropyMap;
	#endif
#endif
varying vec3 vViewPosition;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <iridescence_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_physical_pars_fragment>
#include <fog_pars_fragment>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_physical_pars_fragment>
#include <transmission_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <clearcoat_pars_fragment>
#include <iridescence_pars_fragment>
#include <roughnessmap_pars_fragment>
#include <metalnessmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <roughnessmap_fragment>
	#include <metalnessmap_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <clearcoat_normal_fragment_begin>
	#include <clearcoat_normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_physical_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 totalDiffuse = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse;
	vec3 totalSpecular = reflectedLight.directSpecular + reflectedLight.indirectSpecular;
	#include <transmission_fragment>
	vec3 outgoingLight = totalDiffuse + totalSpecular + totalEmissiveRadiance;
	#ifdef USE_SHEEN
 
		outgoingLight = outgoingLight + sheenSpecularDirect + sheenSpecularIndirect;
 
 	#endif
	#ifdef USE_CLEARCOAT
		float dotNVcc = saturate( dot( geometryClearcoatNormal, geometryViewDir ) );
		vec3 Fcc = F_Schlick( material.clearcoatF0, material.clearcoatF90, dotNVcc );
		outgoingLight = outgoingLight * ( 1.0 - material.clearcoat * Fcc ) + ( clearcoatSpecularDirect + clearcoatSpecularIndirect ) * material.clearcoat;
	#endif
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,_x=`#define TOON
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,xx=`#define TOON
uniform vec3 diffuse;
uniform vec3 emissive;
uniform float opacity;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <gradientmap_pars_fragment>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_toon_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_toon_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 outgoingLight = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse + totalEmissiveRadiance;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,yx=`uniform float size;
uniform float scale;
#include <common>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
#ifdef USE_POINTS_UV
	varying vec2 vUv;
	uniform mat3 uvTransform;
#endif
void main() {
	#ifdef USE_POINTS_UV
		vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	#endif
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <project_vertex>
	gl_PointSize = size;
	#ifdef USE_SIZEATTENUATION
		bool isPerspective = isPerspectiveMatrix( projectionMatrix );
		if ( isPerspective ) gl_PointSize *= ( scale / - mvPosition.z );
	#endif
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <worldpos_vertex>
	#include <fog_vertex>
}`,vx=`uniform vec3 diffuse;
uniform float opacity;
#include <common>
#include <color_pars_fragment>
#include <map_particle_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <fog_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	vec3 outgoingLight = vec3( 0.0 );
	#include <logdepthbuf_fragment>
	#include <map_particle_fragment>
	#include <color_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	outgoingLight = diffuseColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
}`,Sx=`#include <common>
#include <batching_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <shadowmap_pars_vertex>
void main() {
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphinstance_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <worldpos_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,bx=`uniform vec3 color;
uniform float opacity;
#include <common>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <logdepthbuf_pars_fragment>
#include <shadowmap_pars_fragment>
#include <shadowmask_pars_fragment>
void main() {
	#include <logdepthbuf_fragment>
	gl_FragColor = vec4( color, opacity * ( 1.0 - getShadowMask() ) );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
}`,Mx=`uniform float rotation;
uniform vec2 center;
#include <common>
#include <uv_pars_vertex>
#include <fog_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	vec4 mvPosition = modelViewMatrix[ 3 ];
	vec2 scale = vec2( length( modelMatrix[ 0 ].xyz ), length( modelMatrix[ 1 ].xyz ) );
	#ifndef USE_SIZEATTENUATION
		bool isPerspective = isPerspectiveMatrix( projectionMatrix );
		if ( isPerspective ) scale *= - mvPosition.z;
	#endif
	vec2 alignedPosition = ( position.xy - ( center - vec2( 0.5 ) ) ) * scale;
	vec2 rotatedPosition;
	rotatedPosition.x = cos( rotation ) * alignedPosition.x - sin( rotation ) * alignedPosition.y;
	rotatedPosition.y = sin( rotation ) * alignedPosition.x + cos( rotation ) * alignedPosition.y;
	mvPosition.xy += rotatedPosition;
	gl_Position = projectionMatrix * mvPosition;
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <fog_vertex>
}`,wx=`uniform vec3 diffuse;
uniform float opacity;
#include <common>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <fog_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	vec3 outgoingLight = vec3( 0.0 );
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	outgoingLight = diffuseColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
}`,Zt={alphahash_fragment:Xg,alphahash_pars_fragment:Yg,alphamap_fragment:$g,alphamap_pars_fragment:Zg,alphatest_fragment:Jg,alphatest_pars_fragment:Kg,aomap_fragment:jg,aomap_pars_fragment:Qg,batching_pars_vertex:t_,batching_vertex:e_,begin_vertex:n_,beginnormal_vertex:i_,bsdfs:s_,iridescence_fragment:r_,bumpmap_pars_fragment:o_,clipping_planes_fragment:a_,clipping_planes_pars_fragment:l_,clipping_planes_pars_vertex:c_,clipping_planes_vertex:h_,color_fragment:u_,color_pars_fragment:d_,color_pars_vertex:f_,color_vertex:p_,common:m_,defaultnormal_vertex:g_,displacementmap_pars_vertex:__,displacementmap_vertex:x_,emissivemap_fragment:y_,emissivemap_pars_fragment:v_,colorspace_fragment:S_,colorspace_pars_fragment:b_,envmap_fragment:M_,envmap_common_pars_fragment:w_,envmap_pars_fragment:T_,envmap_pars_vertex:E_,envmap_physical_pars_fragment:O_,envmap_vertex:A_,fog_vertex:C_,fog_pars_vertex:R_,fog_fragment:P_,fog_pars_fragment:I_,gradientmap_pars_fragment:L_,lightmap_pars_fragment:D_,lights_lambert_fragment:N_,lights_lambert_pars_fragment:U_,lights_pars_begin:F_,lights_toon_fragment:B_,lights_toon_pars_fragment:k_,lights_phong_fragment:z_,lights_phong_pars_fragment:V_,lights_physical_fragment:H_,lights_physical_pars_fragment:G_,lights_fragment_begin:W_,lights_fragment_maps:q_,lights_fragment_end:X_,lightprobes_pars_fragment:Y_,logdepthbuf_fragment:$_,logdepthbuf_pars_fragment:Z_,logdepthbuf_pars_vertex:J_,logdepthbuf_vertex:K_,map_fragment:j_,map_pars_fragment:Q_,map_particle_fragment:t0,map_particle_pars_fragment:e0,metalnessmap_fragment:n0,metalnessmap_pars_fragment:i0,morphinstance_vertex:s0,morphcolor_vertex:r0,morphnormal_vertex:o0,morphtarget_pars_vertex:a0,morphtarget_vertex:l0,normal_fragment_begin:c0,normal_fragment_maps:h0,normal_pars_fragment:u0,normal_pars_vertex:d0,normal_vertex:f0,normalmap_pars_fragment:p0,clearcoat_normal_fragment_begin:m0,clearcoat_normal_fragment_maps:g0,clearcoat_pars_fragment:_0,iridescence_pars_fragment:x0,opaque_fragment:y0,packing:v0,premultiplied_alpha_fragment:S0,project_vertex:b0,dithering_fragment:M0,dithering_pars_fragment:w0,roughnessmap_fragment:T0,roughnessmap_pars_fragment:E0,shadowmap_pars_fragment:A0,shadowmap_pars_vertex:C0,shadowmap_vertex:R0,shadowmask_pars_fragment:P0,skinbase_vertex:I0,skinning_pars_vertex:L0,skinning_vertex:D0,skinnormal_vertex:N0,specularmap_fragment:U0,specularmap_pars_fragment:F0,tonemapping_fragment:O0,tonemapping_pars_fragment:B0,transmission_fragment:k0,transmission_pars_fragment:z0,uv_pars_fragment:V0,uv_pars_vertex:H0,uv_vertex:G0,worldpos_vertex:W0,background_vert:q0,background_frag:X0,backgroundCube_vert:Y0,backgroundCube_frag:$0,cube_vert:Z0,cube_frag:J0,depth_vert:K0,depth_frag:j0,distance_vert:Q0,distance_frag:tx,equirect_vert:ex,equirect_frag:nx,linedashed_vert:ix,linedashed_frag:sx,meshbasic_vert:rx,meshbasic_frag:ox,meshlambert_vert:ax,meshlambert_frag:lx,meshmatcap_vert:cx,meshmatcap_frag:hx,meshnormal_vert:ux,meshnormal_frag:dx,meshphong_vert:fx,meshphong_frag:px,meshphysical_vert:mx,meshphysical_frag:gx,meshtoon_vert:_x,meshtoon_frag:xx,points_vert:yx,points_frag:vx,shadow_vert:Sx,shadow_frag:bx,sprite_vert:Mx,sprite_frag:wx},vt={common:{diffuse:{value:new Wt(16777215)},opacity:{value:1},map:{value:null},mapTransform:{value:new Vt},alphaMap:{value:null},alphaMapTransform:{value:new Vt},alphaTest:{value:0}},specularmap:{specularMap:{value:null},specularMapTransform:{value:new Vt}},envmap:{envMap:{value:null},envMapRotation:{value:new Vt},reflectivity:{value:1},ior:{value:1.5},refractionRatio:{value:.98},dfgLUT:{value:null}},aomap:{aoMap:{value:null},aoMapIntensity:{value:1},aoMapTransform:{value:new Vt}},lightmap:{lightMap:{value:null},lightMapIntensity:{value:1},lightMapTransform:{value:new Vt}},bumpmap:{bumpMap:{value:null},bumpMapTransform:{value:new Vt},bumpScale:{value:1}},normalmap:{normalMap:{value:null},normalMapTransform:{value:new Vt},normalScale:{value:new ht(1,1)}},displacementmap:{displacementMap:{value:null},displacementMapTransform:{value:new Vt},displacementScale:{value:1},displacementBias:{value:0}},emissivemap:{emissiveMap:{value:null},emissiveMapTransform:{value:new Vt}},metalnessmap:{metalnessMap:{value:null},metalnessMapTransform:{value:new Vt}},roughnessmap:{roughnessMap:{value:null},roughnessMapTransform:{value:new Vt}},gradientmap:{gradientMap:{value:null}},fog:{fogDensity:{value:25e-5},fogNear:{value:1},fogFar:{value:2e3},fogColor:{value:new Wt(16777215)}},lights:{ambientLightColor:{value:[]},lightProbe:{value:[]},sunLights:{value:[],properties:{direction:{},color:{}}},sunLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},sunShadowMatrix:{value:[]},sunShadowCascade:{value:[]},directionalLights:{value:[],properties:{direction:{},color:{}}},directionalLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},directionalShadowMatrix:{value:[]},spotLights:{value:[],properties:{color:{},position:{},direction:{},distance:{},coneCos:{},penumbraCos:{},decay:{}}},spotLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},spotLightMap:{value:[]},spotLightMatrix:{value:[]},pointLights:{value:[],properties:{color:{},position:{},decay:{},distance:{}}},pointLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{},shadowCameraNear:{},shadowCameraFar:{}}},pointShadowMatrix:{value:[]},hemisphereLights:{value:[],properties:{direction:{},skyColor:{},groundColor:{}}},rectAreaLights:{value:[],properties:{color:{},position:{},width:{},height:{}}},ltc_1:{value:null},ltc_2:{value:null},probesSH:{value:[]},probesMin:{value:[]},probesMax:{value:[]},probesResolution:{value:[]}},points:{diffuse:{value:new Wt(16777215)},opacity:{value:1},size:{value:1},scale:{value:1},map:{value:null},alphaMap:{value:null},alphaMapTransform:{value:new Vt},alphaTest:{value:0},uvTransform:{value:new Vt}},sprite:{diffuse:{value:new Wt(16777215)},opacity:{value:1},center:{value:new ht(.5,.5)},rotation:{value:0},map:{value:null},mapTransform:{value:new Vt},alphaMap:{value:null},alphaMapTransform:{value:new Vt},alphaTest:{value:0}}},Qn={basic:{uniforms:rn([vt.common,vt.specularmap,vt.envmap,vt.aomap,vt.lightmap,vt.fog]),vertexShader:Zt.meshbasic_vert,fragmentShader:Zt.meshbasic_frag},lambert:{uniforms:rn([vt.common,vt.specularmap,vt.envmap,vt.aomap,vt.lightmap,vt.emissivemap,vt.bumpmap,vt.normalmap,vt.displacementmap,vt.fog,vt.lights,{emissive:{value:new Wt(0)},envMapIntensity:{value:1}}]),vertexShader:Zt.meshlambert_vert,fragmentShader:Zt.meshlambert_frag},phong:{uniforms:rn([vt.common,vt.specularmap,vt.envmap,vt.aomap,vt.lightmap,vt.emissivemap,vt.bumpmap,vt.normalmap,vt.displacementmap,vt.fog,vt.lights,{emissive:{value:new Wt(0)},specular:{value:new Wt(1118481)},shininess:{value:30},envMapIntensity:{value:1}}]),vertexShader:Zt.meshphong_vert,fragmentShader:Zt.meshphong_frag},standard:{uniforms:rn([vt.common,vt.envmap,vt.aomap,vt.lightmap,vt.emissivemap,vt.bumpmap,vt.normalmap,vt.displacementmap,vt.roughnessmap,vt.metalnessmap,vt.fog,vt.lights,{emissive:{value:new Wt(0)},roughness:{value:1},metalness:{value:0},envMapIntensity:{value:1}}]),vertexShader:Zt.meshphysical_vert,fragmentShader:Zt.meshphysical_frag},toon:{uniforms:rn([vt.common,vt.aomap,vt.lightmap,vt.emissivemap,vt.bumpmap,vt.normalmap,vt.displacementmap,vt.gradientmap,vt.fog,vt.lights,{emissive:{value:new Wt(0)}}]),vertexShader:Zt.meshtoon_vert,fragmentShader:Zt.meshtoon_frag},matcap:{uniforms:rn([vt.common,vt.bumpmap,vt.normalmap,vt.displacementmap,vt.fog,{matcap:{value:null}}]),vertexShader:Zt.meshmatcap_vert,fragmentShader:Zt.meshmatcap_frag},points:{uniforms:rn([vt.points,vt.fog]),vertexShader:Zt.points_vert,fragmentShader:Zt.points_frag},dashed:{uniforms:rn([vt.common,vt.fog,{scale:{value:1},dashSize:{value:1},totalSize:{value:2}}]),vertexShader:Zt.linedashed_vert,fragmentShader:Zt.linedashed_frag},depth:{uniforms:rn([vt.common,vt.displacementmap]),vertexShader:Zt.depth_vert,fragmentShader:Zt.depth_frag},normal:{uniforms:rn([vt.common,vt.bumpmap,vt.normalmap,vt.displacementmap,{opacity:{value:1}}]),vertexShader:Zt.meshnormal_vert,fragmentShader:Zt.meshnormal_frag},sprite:{uniforms:rn([vt.sprite,vt.fog]),vertexShader:Zt.sprite_vert,fragmentShader:Zt.sprite_frag},background:{uniforms:{uvTransform:{value:new Vt},t2D:{value:null},backgroundIntensity:{value:1}},vertexShader:Zt.background_vert,fragmentShader:Zt.background_frag},backgroundCube:{uniforms:{envMap:{value:null},backgroundBlurriness:{value:0},backgroundIntensity:{value:1},backgroundRotation:{value:new Vt}},vertexShader:Zt.backgroundCube_vert,fragmentShader:Zt.backgroundCube_frag},cube:{uniforms:{tCube:{value:null},tFlip:{value:-1},opacity:{value:1}},vertexShader:Zt.cube_vert,fragmentShader:Zt.cube_frag},equirect:{uniforms:{tEquirect:{value:null}},vertexShader:Zt.equirect_vert,fragmentShader:Zt.equirect_frag},distance:{uniforms:rn([vt.common,vt.displacementmap,{referencePosition:{value:new R},nearDistance:{value:1},farDistance:{value:1e3}}]),vertexShader:Zt.distance_vert,fragmentShader:Zt.distance_frag},shadow:{uniforms:rn([vt.lights,vt.fog,{color:{value:new Wt(0)},opacity:{value:1}}]),vertexShader:Zt.shadow_vert,fragmentShader:Zt.shadow_frag}};Qn.physical={uniforms:rn([Qn.standard.uniforms,{clearcoat:{value:0},clearcoatMap:{value:null},clearcoatMapTransform:{value:new Vt},clearcoatNormalMap:{value:null},clearcoatNormalMapTransform:{value:new Vt},clearcoatNormalScale:{value:new ht(1,1)},clearcoatRoughness:{value:0},clearcoatRoughnessMap:{value:null},clearcoatRoughnessMapTransform:{value:new Vt},diffuseRoughness:{value:0},diffuseRoughnessMap:{value:null},diffuseRoughnessMapTransform:{value:new Vt},dispersion:{value:0},retroreflectivity:{value:0},iridescence:{value:0},iridescenceMap:{value:null},iridescenceMapTransform:{value:new Vt},iridescenceIOR:{value:1.3},iridescenceThicknessMinimum:{value:100},iridescenceThicknessMaximum:{value:400},iridescenceThicknessMap:{value:null},iridescenceThicknessMapTransform:{value:new Vt},sheen:{value:0},sheenColor:{value:new Wt(0)},sheenColorMap:{value:null},sheenColorMapTransform:{value:new Vt},sheenRoughness:{value:1},sheenRoughnessMap:{value:null},sheenRoughnessMapTransform:{value:new Vt},transmission:{value:0},transmissionMap:{value:null},transmissionMapTransform:{value:new Vt},transmissionSamplerSize:{value:new ht},transmissionSamplerMap:{value:null},thickness:{value:0},thicknessMap:{value:null},thicknessMapTransform:{value:new Vt},attenuationDistance:{value:0},attenuationColor:{value:new Wt(0)},specularColor:{value:new Wt(1,1,1)},specularColorMap:{value:null},specularColorMapTransform:{value:new Vt},specularIntensity:{value:1},specularIntensityMap:{value:null},specularIntensityMapTransform:{value:new Vt},anisotropyVector:{value:new ht},anisotropyMap:{value:null},anisotropyMapTransform:{value:new Vt}}]),vertexShader:Zt.meshphysical_vert,fragmentShader:Zt.meshphysical_frag};Sl={r:0,b:0,g:0},Tx=new kt,Of=new Vt;Of.set(-1,0,0,0,1,0,0,0,1);so=class extends Tn{constructor(t=1,e={}){super(t,t,e),this.isWebGLCubeRenderTarget=!0;let i={width:t,height:t,depth:1},n=[i,i,i,i,i,i];this.texture=new Ir(n),this._setTextureOptions(e),this.texture.isRenderTargetTexture=!0}fromEquirectangularTexture(t,e){this.texture.type=e.type,this.texture.colorSpace=e.colorSpace,this.texture.generateMipmaps=e.generateMipmaps,this.texture.minFilter=e.minFilter,this.texture.magFilter=e.magFilter;let i={uniforms:{tEquirect:{value:null}},vertexShader:`

				varying vec3 vWorldDirection;

				vec3 transformDirection( in vec3 dir, in mat4 matrix ) {

					return normalize( ( matrix * vec4( dir, 0.0 ) ).xyz );

				}

				void main() {

					vWorldDirection = transformDirection( position, modelMatrix );

					#include <begin_vertex>
					#include <project_vertex>

				}
			`,fragmentShader:`

				uniform sampler2D tEquirect;

				varying vec3 vWorldDirection;

				#include <common>

				void main() {

					vec3 direction = normalize( vWorldDirection );

					vec2 sampleUV = equirectUv( direction );

					gl_FragColor = texture2D( tEquirect, sampleUV );

				}
			`},n=new Ds(5,5,5),r=new Jn({name:"CubemapFromEquirect",uniforms:is(i.uniforms),vertexShader:i.vertexShader,fragmentShader:i.fragmentShader,side:$e,blending:Qi});r.uniforms.tEquirect.value=e;let o=new Ee(n,r),a=e.minFilter;return e.minFilter===pi&&(e.minFilter=un),new Fs(1,10,this).update(t,o),e.minFilter=a,o.geometry.dispose(),o.material.dispose(),this}clear(t,e=!0,i=!0,n=!0){let r=t.getRenderTarget();for(let o=0;o<6;o++)t.setRenderTarget(this,o),t.clear(e,i,n);t.setRenderTarget(r)}},mf=256,Ix=3,Lx=20,Bf=256,kf=16,Dx=3,Nx=new R,Ux=new Wt,Ml=class s{constructor(t){this._renderer=t,this._cubeSize=0,this._sourceTarget=null,this._cubeCamera=new Fs(1,10,null),this._boxMesh=new Ee(new Ds(5,5,5),null),this._cubemapMaterial=null,this._equirectMaterial=null,this._blurMaterial=null,this._ggxMaterial=null,this._integrationMaterial=null}fromScene(t,e=0,i=.1,n=100,r={}){let{size:o=256,position:a=Nx}=r,l=this._renderer;this._setSize(o);let c=this._allocateTarget(),h=this._getSourceTarget(!0);e>0&&(h.texture.mipmapsAutoUpdate=!1);let u=l.autoClear,d=l.autoClearColor,f=l.autoClearDepth,m=l.autoClearStencil,y=t.background;l.autoClear=!0,l.autoClearColor=!0,l.autoClearDepth=!0,l.autoClearStencil=!0,y===null&&(t.background=l.getClearColor(Ux));let p=new Fs(i,n,h);return p.position.copy(a),p.update(l,t),l.autoClear=u,l.autoClearColor=d,l.autoClearDepth=f,l.autoClearStencil=m,t.background=y,e>0&&(h.texture.mipmapsAutoUpdate=!0,this._blur(c,e)),this._applyPMREM(c),c}fromEquirectangular(t,e=null){return this._fromTexture(t,e)}fromCubemap(t,e=null){return this._fromTexture(t,e)}compileCubemapShader(){this._cubemapMaterial===null&&(this._cubemapMaterial=xf(),this._compileMaterial(this._cubemapMaterial))}compileEquirectangularShader(){this._equirectMaterial===null&&(this._equirectMaterial=_f(),this._compileMaterial(this._equirectMaterial))}dispose(){this._sourceTarget!==null&&this._sourceTarget.dispose(),this._cubemapMaterial!==null&&this._cubemapMaterial.dispose(),this._equirectMaterial!==null&&this._equirectMaterial.dispose(),this._blurMaterial!==null&&this._blurMaterial.dispose(),this._ggxMaterial!==null&&this._ggxMaterial.dispose(),this._integrationMaterial!==null&&this._integrationMaterial.dispose(),this._boxMesh.geometry.dispose()}static lodToRoughness(t,e){return e>0?1-Math.sqrt(1-t/e):0}_setSize(t){this._cubeSize=Math.max(mf,Mh(t))}_fromTexture(t,e){t.mapping===es||t.mapping===zs?this._setSize(t.image.length===0?mf:t.image[0].width||t.image[0].image.width):this._setSize(t.image.width/4);let i=e||this._allocateTarget();return this._textureToCubemap(t),this._applyPMREM(i),i}_allocateTarget(){let t=this._cubeSize,e=gf(t,!1,!1),i=Math.log2(t)-Ix;for(let n=0;n<=i;n++)e.texture.mipmaps.push({width:t>>n,height:t>>n});return e.texture.name="PMREM",e.texture.isPMREMTexture=!0,e}_getSourceTarget(t=!1){let e=this._cubeSize,i=this._sourceTarget;return(i===null||i.width!==e||t&&i.depthBuffer===!1)&&(i!==null&&i.dispose(),this._sourceTarget=gf(e,!0,t)),this._sourceTarget}_compileMaterial(t){this._boxMesh.material=t,this._renderer.compile(this._boxMesh,this._cubeCamera.children[0])}_renderCube(t,e,i){let n=this._boxMesh,r=this._cubeCamera;n.material=i,r.renderTarget=t,r.activeMipmapLevel=e;let o=t.width>>e;t.viewport.set(0,0,o,o),r.update(this._renderer,n),t.viewport.set(0,0,t.width,t.height)}_textureToCubemap(t){let e;t.mapping===es||t.mapping===zs?(this._cubemapMaterial===null&&(this._cubemapMaterial=xf()),e=this._cubemapMaterial,e.uniforms.flipEnvMap.value=t.isRenderTargetTexture===!1?-1:1):(this._equirectMaterial===null&&(this._equirectMaterial=_f()),e=this._equirectMaterial),e.uniforms.envMap.value=t,this._renderCube(this._getSourceTarget(),0,e)}_applyPMREM(t){this._ggxMaterial===null&&(this._ggxMaterial=Fx(),this._integrationMaterial=Ox());let e=this._cubeSize,i=t.texture.mipmaps.length-1,n=this._ggxMaterial.uniforms;n.envMap.value=this._sourceTarget.texture;let r=this._integrationMaterial.uniforms;r.envMap.value=this._sourceTarget.texture,r.sourceLod.value=Math.log2(e/kf);for(let o=0;o<=i;o++){let a=s.lodToRoughness(o,i);if(o>i-Dx)r.roughness.value=a,this._renderCube(t,o,this._integrationMaterial);else{let l=a>0?Math.log2(e)+.5*Math.log2(6/(Bf*Math.pow(a,4)))+.5:0;n.roughness.value=a,n.lodBias.value=l,this._renderCube(t,o,this._ggxMaterial)}}}_blur(t,e){this._blurMaterial===null&&(this._blurMaterial=Bx());let i=this._blurMaterial,n=i.uniforms,r=this._sourceTarget;n.sigma.value=Math.min(e,Math.PI)/Math.SQRT2,n.envMap.value=r.texture,this._renderCube(t,0,i),n.envMap.value=t.texture,this._renderCube(r,0,i)}};Xx={[nh]:"LINEAR_TONE_MAPPING",[ih]:"REINHARD_TONE_MAPPING",[sh]:"CINEON_TONE_MAPPING",[rh]:"ACES_FILMIC_TONE_MAPPING",[ah]:"AGX_TONE_MAPPING",[lh]:"NEUTRAL_TONE_MAPPING",[oh]:"CUSTOM_TONE_MAPPING"};zf=new gn,Vf=new fi(1,1),Hf=new Lr(1),Gf=new Tr,Wf=new ca,qf=new Ir,yf=[],vf=[],Sf=new Float32Array(16),bf=new Float32Array(9),Mf=new Float32Array(4);Nh=class{constructor(t,e,i){this.id=t,this.addr=i,this.cache=[],this.type=e.type,this.setValue=fy(e.type)}},Uh=class{constructor(t,e,i){this.id=t,this.addr=i,this.cache=[],this.type=e.type,this.size=e.size,this.setValue=Dy(e.type)}},Fh=class{constructor(t){this.id=t,this.seq=[],this.map={}}setValue(t,e,i){let n=this.seq;for(let r=0,o=n.length;r!==o;++r){let a=n[r];a.setValue(t,e[a.id],i)}}},Lh=/(\w+)(\])?(\[|\.)?/g;Gs=class{constructor(t,e){this.seq=[],this.map={};let i=t.getProgramParameter(e,t.ACTIVE_UNIFORMS);for(let o=0;o<i;++o){let a=t.getActiveUniform(e,o),l=t.getUniformLocation(e,a.name);Ny(a,l,this)}let n=[],r=[];for(let o of this.seq)o.type===t.SAMPLER_2D_SHADOW||o.type===t.SAMPLER_CUBE_SHADOW||o.type===t.SAMPLER_2D_ARRAY_SHADOW?n.push(o):r.push(o);n.length>0&&(this.seq=n.concat(r))}setValue(t,e,i,n){let r=this.map[e];r!==void 0&&r.setValue(t,i,n)}setOptional(t,e,i){let n=e[i];n!==void 0&&this.setValue(t,i,n)}static upload(t,e,i,n){for(let r=0,o=e.length;r!==o;++r){let a=e[r],l=i[a.id];l.needsUpdate!==!1&&a.setValue(t,l.value,n)}}static seqWithValue(t,e){let i=[];for(let n=0,r=t.length;n!==r;++n){let o=t[n];o.id in e&&i.push(o)}return i}};Uy=37297,Fy=0;Ef=new Vt;zy={[nh]:"Linear",[ih]:"Reinhard",[sh]:"Cineon",[rh]:"ACESFilmic",[ah]:"AgX",[lh]:"Neutral",[oh]:"Custom"};bl=new R;Xy=/^[ \t]*#include +<([\w\d./]+)>/gm;$y=/#pragma unroll_loop_start\s+for\s*\(\s*int\s+i\s*=\s*(\d+)\s*;\s*i\s*<\s*(\d+)\s*;\s*i\s*\+\+\s*\)\s*{([\s\S]+?)}\s+#pragma unroll_loop_end/g;Jy={[Yr]:"SHADOWMAP_TYPE_PCF",[Bs]:"SHADOWMAP_TYPE_VSM"};jy={[zs]:"ENVMAP_MODE_REFRACTION"};tv={[Ua]:"ENVMAP_BLENDING_MULTIPLY",[Xd]:"ENVMAP_BLENDING_MIX",[Yd]:"ENVMAP_BLENDING_ADD"};iv=0,Bh=class{constructor(){this.shaderCache=new Map,this.materialCache=new Map}update(t,e,i){let n=this._getShaderCacheForMaterial(t);return n.has(e)===!1&&(n.add(e),e.usedTimes++),n.has(i)===!1&&(n.add(i),i.usedTimes++),this}remove(t){let e=this.materialCache.get(t);for(let i of e)i.usedTimes--,i.usedTimes===0&&this.shaderCache.delete(i.code);return this.materialCache.delete(t),this}getVertexShaderStage(t){return this._getShaderStage(t.vertexShader)}getFragmentShaderStage(t){return this._getShaderStage(t.fragmentShader)}dispose(){this.shaderCache.clear(),this.materialCache.clear()}_getShaderCacheForMaterial(t){let e=this.materialCache,i=e.get(t);return i===void 0&&(i=new Set,e.set(t,i)),i}_getShaderStage(t){let e=this.shaderCache,i=e.get(t);return i===void 0&&(i=new kh(t),e.set(t,i)),i}},kh=class{constructor(t){this.id=iv++,this.code=t,this.usedTimes=0}};uv=0;mv=`void main() {
	gl_Position = vec4( position, 1.0 );
}`,gv=`uniform sampler2D shadow_pass;
uniform vec2 resolution;
uniform float radius;
void main() {
	const float samples = float( VSM_SAMPLES );
	float mean = 0.0;
	float squared_mean = 0.0;
	float uvStride = samples <= 1.0 ? 0.0 : 2.0 / ( samples - 1.0 );
	float uvStart = samples <= 1.0 ? 0.0 : - 1.0;
	for ( float i = 0.0; i < samples; i ++ ) {
		float uvOffset = uvStart + i * uvStride;
		#ifdef HORIZONTAL_PASS
			vec2 distribution = texture2D( shadow_pass, ( gl_FragCoord.xy + vec2( uvOffset, 0.0 ) * radius ) / resolution ).rg;
			mean += distribution.x;
			squared_mean += distribution.y * distribution.y + distribution.x * distribution.x;
		#else
			float depth = texture2D( shadow_pass, ( gl_FragCoord.xy + vec2( 0.0, uvOffset ) * radius ) / resolution ).r;
			mean += depth;
			squared_mean += depth * depth;
		#endif
	}
	mean = mean / samples;
	squared_mean = squared_mean / samples;
	float std_dev = sqrt( max( 0.0, squared_mean - mean * mean ) );
	gl_FragColor = vec4( mean, std_dev, 0.0, 1.0 );
}`,_v=[new R(1,0,0),new R(-1,0,0),new R(0,1,0),new R(0,-1,0),new R(0,0,1),new R(0,0,-1)],xv=[new R(0,-1,0),new R(0,-1,0),new R(0,0,1),new R(0,0,-1),new R(0,-1,0),new R(0,-1,0)],Uf=new kt,no=new R,Dh=new R;Mv=`
void main() {

	gl_Position = vec4( position, 1.0 );

}`,wv=`
uniform sampler2DArray depthColor;
uniform float depthWidth;
uniform float depthHeight;

void main() {

	vec2 coord = vec2( gl_FragCoord.x / depthWidth, gl_FragCoord.y / depthHeight );

	if ( coord.x >= 1.0 ) {

		gl_FragDepth = texture( depthColor, vec3( coord.x - 1.0, coord.y, 1 ) ).r;

	} else {

		gl_FragDepth = texture( depthColor, vec3( coord.x, coord.y, 0 ) ).r;

	}

}`,zh=class{constructor(){this.texture=null,this.mesh=null,this.depthNear=0,this.depthFar=0}init(t,e){if(this.texture===null){let i=new Dr(t.texture);(t.depthNear!==e.depthNear||t.depthFar!==e.depthFar)&&(this.depthNear=t.depthNear,this.depthFar=t.depthFar),this.texture=i}}getMesh(t){if(this.texture!==null&&this.mesh===null){let e=t.cameras[0].viewport,i=new Jn({vertexShader:Mv,fragmentShader:wv,uniforms:{depthColor:{value:this.texture},depthWidth:{value:e.z},depthHeight:{value:e.w}}});this.mesh=new Ee(new Or(20,20),i)}return this.mesh}reset(){this.texture=null,this.mesh=null}getDepthTexture(){return this.texture}},Vh=class extends zn{constructor(t,e){super();let i=this,n=null,r=1,o=null,a="local-floor",l=1,c=null,h=null,u=null,d=null,f=null,m=null,y=typeof XRWebGLBinding<"u",p=new zh,_={},x=e.getContextAttributes(),S=null,v=null,M=[],w=[],g=new ht,b=null,C=null,T=new cn;T.viewport=new be;let P=new cn;P.viewport=new be;let I=[T,P],U=new Na,L=null,k=null;this.cameraAutoUpdate=!0,this.enabled=!1,this.isPresenting=!1,this.getController=function(J){let at=M[J];return at===void 0&&(at=new Ps,M[J]=at),at.getTargetRaySpace()},this.getControllerGrip=function(J){let at=M[J];return at===void 0&&(at=new Ps,M[J]=at),at.getGripSpace()},this.getHand=function(J){let at=M[J];return at===void 0&&(at=new Ps,M[J]=at),at.getHandSpace()};function H(J){let at=w.indexOf(J.inputSource);if(at===-1)return;let bt=M[at];bt!==void 0&&(bt.update(J.inputSource,J.frame,c||o),bt.dispatchEvent({type:J.type,data:J.inputSource}))}function q(){n.removeEventListener("select",H),n.removeEventListener("selectstart",H),n.removeEventListener("selectend",H),n.removeEventListener("squeeze",H),n.removeEventListener("squeezestart",H),n.removeEventListener("squeezeend",H),n.removeEventListener("end",q),n.removeEventListener("inputsourceschange",it);for(let J=0;J<M.length;J++){let at=w[J];at!==null&&(w[J]=null,M[J].disconnect(at))}L=null,k=null,p.reset();for(let J in _)delete _[J];if(t.setRenderTarget(S),f=null,d=null,u=null,n=null,v=null,Ft.stop(),i.isPresenting=!1,t.setPixelRatio(b),t.setSize(g.width,g.height,!1),C!==null){let J=C.camera;J.fov=C.fov,J.zoom=C.zoom,J.updateProjectionMatrix(),C=null}i.dispatchEvent({type:"sessionend"})}this.setFramebufferScaleFactor=function(J){r=J,i.isPresenting===!0&&Dt("WebXRManager: Cannot change framebuffer scale while presenting.")},this.setReferenceSpaceType=function(J){a=J,i.isPresenting===!0&&Dt("WebXRManager: Cannot change reference space type while presenting.")},this.getReferenceSpace=function(){return c||o},this.setReferenceSpace=function(J){c=J},this.getBaseLayer=function(){return d!==null?d:f},this.getBinding=function(){return u===null&&y&&(u=new XRWebGLBinding(n,e)),u},this.getFrame=function(){return m},this.getSession=function(){return n},this.setSession=async function(J){if(n=J,n!==null){if(S=t.getRenderTarget(),n.addEventListener("select",H),n.addEventListener("selectstart",H),n.addEventListener("selectend",H),n.addEventListener("squeeze",H),n.addEventListener("squeezestart",H),n.addEventListener("squeezeend",H),n.addEventListener("end",q),n.addEventListener("inputsourceschange",it),x.xrCompatible!==!0&&await e.makeXRCompatible(),b=t.getPixelRatio(),t.getSize(g),y&&"createProjectionLayer"in XRWebGLBinding.prototype){let bt=null,Ct=null,gt=null;x.depth&&(gt=x.stencil?e.DEPTH24_STENCIL8:e.DEPTH_COMPONENT24,bt=x.stencil?mi:ci,Ct=x.stencil?ns:Nn);let Nt={colorFormat:e.RGBA8,depthFormat:gt,scaleFactor:r};u=this.getBinding(),d=u.createProjectionLayer(Nt),n.updateRenderState({layers:[d]}),t.setPixelRatio(1),t.setSize(d.textureWidth,d.textureHeight,!1),v=new Tn(d.textureWidth,d.textureHeight,{format:wn,type:_n,depthTexture:new fi(d.textureWidth,d.textureHeight,Ct,void 0,void 0,void 0,void 0,void 0,void 0,bt),stencilBuffer:x.stencil,colorSpace:t.outputColorSpace,samples:x.antialias?4:0,resolveDepthBuffer:d.ignoreDepthValues===!1,resolveStencilBuffer:d.ignoreDepthValues===!1,storeMultisampledDepthBuffer:d.ignoreDepthValues===!1,storeMultisampledStencilBuffer:d.ignoreDepthValues===!1})}else{let bt={antialias:x.antialias,alpha:!0,depth:x.depth,stencil:x.stencil,framebufferScaleFactor:r};f=new XRWebGLLayer(n,e,bt),n.updateRenderState({baseLayer:f}),t.setPixelRatio(1),t.setSize(f.framebufferWidth,f.framebufferHeight,!1),v=new Tn(f.framebufferWidth,f.framebufferHeight,{format:wn,type:_n,colorSpace:t.outputColorSpace,stencilBuffer:x.stencil,resolveDepthBuffer:f.ignoreDepthValues===!1,resolveStencilBuffer:f.ignoreDepthValues===!1,storeMultisampledDepthBuffer:f.ignoreDepthValues===!1,storeMultisampledStencilBuffer:f.ignoreDepthValues===!1})}v.isXRRenderTarget=!0,this.setFoveation(l),c=null,o=await n.requestReferenceSpace(a),Ft.setContext(n),Ft.start(),i.isPresenting=!0,i.dispatchEvent({type:"sessionstart"})}},this.getEnvironmentBlendMode=function(){if(n!==null)return n.environmentBlendMode},this.getDepthTexture=function(){return p.getDepthTexture()};function it(J){for(let at=0;at<J.removed.length;at++){let bt=J.removed[at],Ct=w.indexOf(bt);Ct>=0&&(w[Ct]=null,M[Ct].disconnect(bt))}for(let at=0;at<J.added.length;at++){let bt=J.added[at],Ct=w.indexOf(bt);if(Ct===-1){for(let Nt=0;Nt<M.length;Nt++)if(Nt>=w.length){w.push(bt),Ct=Nt;break}else if(w[Nt]===null){w[Nt]=bt,Ct=Nt;break}if(Ct===-1)break}let gt=M[Ct];gt&&gt.connect(bt)}}function Y(J,at){at===null?J.matrixWorld.copy(J.matrix):J.matrixWorld.multiplyMatrices(at.matrixWorld,J.matrix),J.matrixWorldInverse.copy(J.matrixWorld).invert()}this.updateCamera=function(J){if(n===null)return;let at=J.near,bt=J.far;p.texture!==null&&(p.depthNear>0&&(at=p.depthNear),p.depthFar>0&&(bt=p.depthFar)),U.near=P.near=T.near=at,U.far=P.far=T.far=bt,(L!==U.near||k!==U.far)&&(n.updateRenderState({depthNear:U.near,depthFar:U.far}),L=U.near,k=U.far),U.layers.mask=J.layers.mask|6,T.layers.mask=U.layers.mask&-5,P.layers.mask=U.layers.mask&-3;let Ct=J.parent,gt=U.cameras;Y(U,Ct);for(let Nt=0;Nt<gt.length;Nt++)Y(gt[Nt],Ct);U.projectionMatrix.copy(T.projectionMatrix),U.projectionMatrixInverse.copy(T.projectionMatrixInverse),C===null&&J.isPerspectiveCamera&&(C={camera:J,fov:J.fov,zoom:J.zoom}),Z(J,U,Ct)};function Z(J,at,bt){bt===null?J.matrix.copy(at.matrixWorld):(J.matrix.copy(bt.matrixWorld),J.matrix.invert(),J.matrix.multiply(at.matrixWorld)),J.matrix.decompose(J.position,J.quaternion,J.scale),J.updateMatrixWorld(!0),J.projectionMatrix.copy(at.projectionMatrix),J.projectionMatrixInverse.copy(at.projectionMatrixInverse),J.isPerspectiveCamera&&(J.fov=As*2*Math.atan(1/J.projectionMatrix.elements[5]),J.zoom=1)}this.getCamera=function(){return U},this.getFoveation=function(){if(!(d===null&&f===null))return l},this.setFoveation=function(J){l=J,d!==null&&(d.fixedFoveation=J),f!==null&&f.fixedFoveation!==void 0&&(f.fixedFoveation=J)},this.hasDepthSensing=function(){return p.texture!==null},this.getDepthSensingMesh=function(){return p.getMesh(U)},this.getCameraTexture=function(J){return _[J]};let nt=null;function Mt(J,at){if(h=at.getViewerPose(c||o),m=at,h!==null){let bt=h.views;f!==null&&(t.setRenderTargetFramebuffer(v,f.framebuffer),t.setRenderTarget(v));let Ct=!1;bt.length!==U.cameras.length&&(U.cameras.length=0,Ct=!0);for(let Rt=0;Rt<bt.length;Rt++){let qt=bt[Rt],ae=null;if(f!==null)ae=f.getViewport(qt);else{let Ie=u.getViewSubImage(d,qt);ae=Ie.viewport,Rt===0&&(t.setRenderTargetTextures(v,Ie.colorTexture,Ie.depthStencilTexture),t.setRenderTarget(v))}let Yt=I[Rt];Yt===void 0&&(Yt=new cn,Yt.layers.enable(Rt),Yt.viewport=new be,I[Rt]=Yt),Yt.matrix.fromArray(qt.transform.matrix),Yt.matrix.decompose(Yt.position,Yt.quaternion,Yt.scale),Yt.projectionMatrix.fromArray(qt.projectionMatrix),Yt.projectionMatrixInverse.copy(Yt.projectionMatrix).invert(),Yt.viewport.set(ae.x,ae.y,ae.width,ae.height),Rt===0&&(U.matrix.copy(Yt.matrix),U.matrix.decompose(U.position,U.quaternion,U.scale)),Ct===!0&&U.cameras.push(Yt)}let gt=n.enabledFeatures;if(gt&&gt.includes("depth-sensing")&&n.depthUsage=="gpu-optimized"&&y){u=i.getBinding();let Rt=u.getDepthInformation(bt[0]);Rt&&Rt.isValid&&Rt.texture&&p.init(Rt,n.renderState)}if(gt&&gt.includes("camera-access")&&y){t.state.unbindTexture(),u=i.getBinding();for(let Rt=0;Rt<bt.length;Rt++){let qt=bt[Rt].camera;if(qt){let ae=_[qt];ae||(ae=new Dr,_[qt]=ae);let Yt=u.getCameraImage(qt);ae.sourceTexture=Yt}}}}for(let bt=0;bt<M.length;bt++){let Ct=w[bt],gt=M[bt];Ct!==null&&gt!==void 0&&gt.update(Ct,at,c||o)}nt&&nt(J,at),at.detectedPlanes&&i.dispatchEvent({type:"planesdetected",data:at}),m=null}let Ft=new Ff;Ft.setAnimationLoop(Mt),this.setAnimationLoop=function(J){nt=J},this.dispose=function(){}}},Tv=new kt,Xf=new Vt;Xf.set(-1,0,0,0,1,0,0,0,1);Cv=new Uint16Array([12469,15057,12620,14925,13266,14620,13807,14376,14323,13990,14545,13625,14713,13328,14840,12882,14931,12528,14996,12233,15039,11829,15066,11525,15080,11295,15085,10976,15082,10705,15073,10495,13880,14564,13898,14542,13977,14430,14158,14124,14393,13732,14556,13410,14702,12996,14814,12596,14891,12291,14937,11834,14957,11489,14958,11194,14943,10803,14921,10506,14893,10278,14858,9960,14484,14039,14487,14025,14499,13941,14524,13740,14574,13468,14654,13106,14743,12678,14818,12344,14867,11893,14889,11509,14893,11180,14881,10751,14852,10428,14812,10128,14765,9754,14712,9466,14764,13480,14764,13475,14766,13440,14766,13347,14769,13070,14786,12713,14816,12387,14844,11957,14860,11549,14868,11215,14855,10751,14825,10403,14782,10044,14729,9651,14666,9352,14599,9029,14967,12835,14966,12831,14963,12804,14954,12723,14936,12564,14917,12347,14900,11958,14886,11569,14878,11247,14859,10765,14828,10401,14784,10011,14727,9600,14660,9289,14586,8893,14508,8533,15111,12234,15110,12234,15104,12216,15092,12156,15067,12010,15028,11776,14981,11500,14942,11205,14902,10752,14861,10393,14812,9991,14752,9570,14682,9252,14603,8808,14519,8445,14431,8145,15209,11449,15208,11451,15202,11451,15190,11438,15163,11384,15117,11274,15055,10979,14994,10648,14932,10343,14871,9936,14803,9532,14729,9218,14645,8742,14556,8381,14461,8020,14365,7603,15273,10603,15272,10607,15267,10619,15256,10631,15231,10614,15182,10535,15118,10389,15042,10167,14963,9787,14883,9447,14800,9115,14710,8665,14615,8318,14514,7911,14411,7507,14279,7198,15314,9675,15313,9683,15309,9712,15298,9759,15277,9797,15229,9773,15166,9668,15084,9487,14995,9274,14898,8910,14800,8539,14697,8234,14590,7790,14479,7409,14367,7067,14178,6621,15337,8619,15337,8631,15333,8677,15325,8769,15305,8871,15264,8940,15202,8909,15119,8775,15022,8565,14916,8328,14804,8009,14688,7614,14569,7287,14448,6888,14321,6483,14088,6171,15350,7402,15350,7419,15347,7480,15340,7613,15322,7804,15287,7973,15229,8057,15148,8012,15046,7846,14933,7611,14810,7357,14682,7069,14552,6656,14421,6316,14251,5948,14007,5528,15356,5942,15356,5977,15353,6119,15348,6294,15332,6551,15302,6824,15249,7044,15171,7122,15070,7050,14949,6861,14818,6611,14679,6349,14538,6067,14398,5651,14189,5311,13935,4958,15359,4123,15359,4153,15356,4296,15353,4646,15338,5160,15311,5508,15263,5829,15188,6042,15088,6094,14966,6001,14826,5796,14678,5543,14527,5287,14377,4985,14133,4586,13869,4257,15360,1563,15360,1642,15358,2076,15354,2636,15341,3350,15317,4019,15273,4429,15203,4732,15105,4911,14981,4932,14836,4818,14679,4621,14517,4386,14359,4156,14083,3795,13808,3437,15360,122,15360,137,15358,285,15355,636,15344,1274,15322,2177,15281,2765,15215,3223,15120,3451,14995,3569,14846,3567,14681,3466,14511,3305,14344,3121,14037,2800,13753,2467,15360,0,15360,1,15359,21,15355,89,15346,253,15325,479,15287,796,15225,1148,15133,1492,15008,1749,14856,1882,14685,1886,14506,1783,14324,1608,13996,1398,13702,1183]),jn=null;wl=class{constructor(t={}){let{canvas:e=rf(),context:i=null,depth:n=!0,stencil:r=!1,alpha:o=!1,antialias:a=!1,premultipliedAlpha:l=!0,preserveDrawingBuffer:c=!1,powerPreference:h="default",failIfMajorPerformanceCaveat:u=!1,reversedDepthBuffer:d=!1,outputBufferType:f=_n}=t;this.isWebGLRenderer=!0;let m;if(i!==null){if(typeof WebGLRenderingContext<"u"&&i instanceof WebGLRenderingContext)throw new Error("THREE.WebGLRenderer: WebGL 1 is not supported since r163.");m=i.getContextAttributes().alpha}else m=o;let y=f,p=new Set([Ga,Ha,Zr]),_=new Set([_n,Nn,Vs,ns,za,Va]),x=new Uint32Array(4),S=new Int32Array(4),v={textures:[],min:[],max:[],resolution:[]},M=null,w=null,g=[],b=[],C=null;this.domElement=e,this.debug={checkShaderErrors:!0,diagnostics:{keywords:!1},onShaderError:null},this.autoClear=!0,this.autoClearColor=!0,this.autoClearDepth=!0,this.autoClearStencil=!0,this.sortObjects=!0,this.clippingPlanes=[],this.localClippingEnabled=!1,this.toneMapping=Kn,this.toneMappingExposure=1,this.transmissionResolutionScale=1;let T=this,P=!1,I=null,U=null,L=null,k=null;this._outputColorSpace=ln;let H=0,q=0,it=null,Y=-1,Z=null,nt=new be,Mt=new be,Ft=null,J=new Wt(0),at=0,bt=e.width,Ct=e.height,gt=1,Nt=null,_e=null,Rt=new be(0,0,bt,Ct),qt=new be(0,0,bt,Ct),ae=!1,Yt=new di,Ie=new Rr,Ae=!1,Ue=!1,xe=new kt,N=new R,z=new be,tt={background:null,fog:null,environment:null,overrideMaterial:null,isScene:!0},xt=!1;function Bt(){return it===null?gt:1}let F=i;function ve(A,B){return e.getContext(A,B)}let le,de,_t,Fe,Ut,Ht,D,E,G,st,et,lt,pt,K,j,ut,O,Q,$,dt,ot,ct,Pt;try{let A={alpha:!0,depth:n,stencil:r,antialias:a,premultipliedAlpha:l,preserveDrawingBuffer:c,powerPreference:h,failIfMajorPerformanceCaveat:u};if("setAttribute"in e&&e.setAttribute("data-engine",`three.js r${"187"}`),e.addEventListener("webglcontextlost",Lt,!1),e.addEventListener("webglcontextrestored",Xt,!1),e.addEventListener("webglcontextcreationerror",yt,!1),F===null){let B="webgl2";if(F=ve(B,A),F===null)throw ve(B)?new Error("THREE.WebGLRenderer: Error creating WebGL context with your selected attributes."):new Error("THREE.WebGLRenderer: Error creating WebGL context.")}$t()}catch(A){throw e.removeEventListener("webglcontextlost",Lt,!1),e.removeEventListener("webglcontextrestored",Xt,!1),e.removeEventListener("webglcontextcreationerror",yt,!1),Ot("WebGLRenderer: "+A.message),A}function $t(){le=new zx(F),le.init(),ot=new bv(F,le),de=new Rx(F,le,t,ot),_t=new vv(F,le),de.reversedDepthBuffer&&d&&_t.buffers.depth.setReversed(!0),U=F.createFramebuffer(),L=F.createFramebuffer(),k=F.createFramebuffer(),Fe=new Gx(F),Ut=new ov,Ht=new Sv(F,le,_t,Ut,de,ot,Fe),D=new kx(T),E=new qg(F),ct=new Ax(F,E),G=new Vx(F,E,Fe,ct),st=new qx(F,G,E,ct,Fe),Q=new Wx(F,de,Ht),j=new Px(Ut),et=new rv(T,D,le,de,ct,j),lt=new Ev(T,Ut),pt=new lv,K=new pv(le),O=new Ex(T,D,_t,st,m,l),ut=new yv(T,st,de),Pt=new Av(F,Fe,de,_t),$=new Cx(F,le,Fe),dt=new Hx(F,le,Fe),Fe.programs=et.programs,T.capabilities=de,T.extensions=le,T.properties=Ut,T.renderLists=pt,T.shadowMap=ut,T.state=_t,T.info=Fe}y!==_n&&(C=new Yx(y,e.width,e.height,a,n,r));let rt=new Vh(T,F);this.xr=rt,this.getContext=function(){return F},this.getContextAttributes=function(){return F.getContextAttributes()},this.forceContextLoss=function(){let A=le.get("WEBGL_lose_context");A&&A.loseContext()},this.forceContextRestore=function(){let A=le.get("WEBGL_lose_context");A&&A.restoreContext()},this.getPixelRatio=function(){return gt},this.setPixelRatio=function(A){A!==void 0&&(gt=A,this.setSize(bt,Ct,!1))},this.getSize=function(A){return A.set(bt,Ct)},this.setSize=function(A,B,X=!0){if(rt.isPresenting){Dt("WebGLRenderer: Can't change size while VR device is presenting.");return}bt=A,Ct=B,e.width=Math.floor(A*gt),e.height=Math.floor(B*gt),X===!0&&(e.style.width=A+"px",e.style.height=B+"px"),C!==null&&C.setSize(e.width,e.height),this.setViewport(0,0,A,B)},this.getDrawingBufferSize=function(A){return A.set(bt*gt,Ct*gt).floor()},this.setDrawingBufferSize=function(A,B,X){bt=A,Ct=B,gt=X,e.width=Math.floor(A*X),e.height=Math.floor(B*X),this.setViewport(0,0,A,B)},this.setEffects=function(A){if(y===_n){Ot("WebGLRenderer: setEffects() requires outputBufferType set to HalfFloatType or FloatType.");return}if(A){for(let B=0;B<A.length;B++)if(A[B].isOutputPass===!0){Dt("WebGLRenderer: OutputPass is not needed in setEffects(). Tone mapping and color space conversion are applied automatically.");break}}C.setEffects(A||[])},this.getCurrentViewport=function(A){return A.copy(nt)},this.getViewport=function(A){return A.copy(Rt)},this.setViewport=function(A,B,X,V){A.isVector4?Rt.set(A.x,A.y,A.z,A.w):Rt.set(A,B,X,V),_t.viewport(nt.copy(Rt).multiplyScalar(Bt()).round())},this.getScissor=function(A){return A.copy(qt)},this.setScissor=function(A,B,X,V){A.isVector4?qt.set(A.x,A.y,A.z,A.w):qt.set(A,B,X,V),_t.scissor(Mt.copy(qt).multiplyScalar(Bt()).round())},this.getScissorTest=function(){return ae},this.setScissorTest=function(A){_t.setScissorTest(ae=A)},this.setOpaqueSort=function(A){Nt=A},this.setTransparentSort=function(A){_e=A},this.getClearColor=function(A){return A.copy(O.getClearColor())},this.setClearColor=function(){O.setClearColor(...arguments)},this.getClearAlpha=function(){return O.getClearAlpha()},this.setClearAlpha=function(){O.setClearAlpha(...arguments)},this.clear=function(A=!0,B=!0,X=!0){let V=0;if(A){let W=!1;if(it!==null){let mt=it.texture.format;W=p.has(mt)}if(W){let mt=it.texture.type,wt=_.has(mt),ft=O.getClearColor(),St=O.getClearAlpha(),At=ft.r,Gt=ft.g,jt=ft.b;wt?(x[0]=At,x[1]=Gt,x[2]=jt,x[3]=St,F.clearBufferuiv(F.COLOR,0,x)):(S[0]=At,S[1]=Gt,S[2]=jt,S[3]=St,F.clearBufferiv(F.COLOR,0,S))}else V|=F.COLOR_BUFFER_BIT}B&&(V|=F.DEPTH_BUFFER_BIT,this.state.buffers.depth.setMask(!0)),X&&(V|=F.STENCIL_BUFFER_BIT,this.state.buffers.stencil.setMask(4294967295)),V!==0&&F.clear(V)},this.clearColor=function(){this.clear(!0,!1,!1)},this.clearDepth=function(){this.clear(!1,!0,!1)},this.clearStencil=function(){this.clear(!1,!1,!0)},this.setNodesHandler=function(A){A.setRenderer(this),I=A},this.dispose=function(){e.removeEventListener("webglcontextlost",Lt,!1),e.removeEventListener("webglcontextrestored",Xt,!1),e.removeEventListener("webglcontextcreationerror",yt,!1),O.dispose(),pt.dispose(),K.dispose(),Ht.dispose(),Ut.dispose(),D.dispose(),st.dispose(),G.dispose(),ct.dispose(),Pt.dispose(),et.dispose(),rt.dispose(),rt.removeEventListener("sessionstart",Au),rt.removeEventListener("sessionend",Cu),Vi.stop()};function Lt(A){A.preventDefault(),Sh("WebGLRenderer: Context Lost."),P=!0}function Xt(){Sh("WebGLRenderer: Context Restored."),P=!1;let A=Fe.autoReset,B=ut.enabled,X=ut.autoUpdate,V=ut.needsUpdate,W=ut.type;$t(),Fe.autoReset=A,ut.enabled=B,ut.autoUpdate=X,ut.needsUpdate=V,ut.type=W}function yt(A){Ot("WebGLRenderer: A WebGL context could not be created. Reason: ",A.statusMessage)}function ue(A){let B=A.target;B.removeEventListener("dispose",ue),ze(B)}function ze(A){yi(A),Ut.remove(A)}function yi(A){let B=Ut.get(A).programs;B!==void 0&&(B.forEach(function(X){et.releaseProgram(X)}),A.isShaderMaterial&&et.releaseShaderCache(A))}this.renderBufferDirect=function(A,B,X,V,W,mt){B===null&&(B=tt);let wt=W.isMesh&&W.matrixWorld.determinantAffine()<0,ft=Cm(A,B,X,V,W);_t.setMaterial(V,wt);let St=X.index,At=1;if(V.wireframe===!0){if(St=G.getWireframeAttribute(X),St===void 0)return;At=2}let Gt=X.drawRange,jt=X.attributes.position,Tt=Gt.start*At,Qt=(Gt.start+Gt.count)*At;mt!==null&&(Tt=Math.max(Tt,mt.start*At),Qt=Math.min(Qt,(mt.start+mt.count)*At)),St!==null?(Tt=Math.max(Tt,0),Qt=Math.min(Qt,St.count)):jt!=null&&(Tt=Math.max(Tt,0),Qt=Math.min(Qt,jt.count));let Le=Qt-Tt;if(Le<0||Le===1/0)return;ct.setup(W,V,ft,X,St);let ye,pe=$;if(St!==null&&(ye=E.get(St),pe=dt,pe.setIndex(ye)),W.isMesh)V.wireframe===!0?(_t.setLineWidth(V.wireframeLinewidth*Bt()),pe.setMode(F.LINES)):pe.setMode(F.TRIANGLES);else if(W.isLine){let Ke=V.linewidth;Ke===void 0&&(Ke=1),_t.setLineWidth(Ke*Bt()),W.isLineSegments?pe.setMode(F.LINES):W.isLineLoop?pe.setMode(F.LINE_LOOP):pe.setMode(F.LINE_STRIP)}else W.isPoints?pe.setMode(F.POINTS):W.isSprite&&pe.setMode(F.TRIANGLES);if(W.isBatchedMesh)if(le.get("WEBGL_multi_draw"))pe.renderMultiDraw(W._multiDrawStarts,W._multiDrawCounts,W._multiDrawCount);else{let Ke=W._multiDrawStarts,Et=W._multiDrawCounts,an=W._multiDrawCount,ne=St?E.get(St).bytesPerElement:1,Hi=Ut.get(V).currentProgram.getUniforms();for(let je=0;je<an;je++)Hi.setValue(F,"_gl_DrawID",je),pe.render(Ke[je]/ne,Et[je])}else if(W.isInstancedMesh)pe.renderInstances(Tt,Le,W.count);else if(X.isInstancedBufferGeometry){let Ke=X._maxInstanceCount!==void 0?X._maxInstanceCount:1/0,Et=Math.min(X.instanceCount,Ke);pe.renderInstances(Tt,Le,Et)}else pe.render(Tt,Le)};function Eu(A,B,X,V){I!==null&&A.isNodeMaterial&&I.setObject(V,A),Ae===!0&&j.setState(A,X,!1),A.transparent===!0&&A.side===fn&&A.forceSinglePass===!1?(A.side=$e,A.needsUpdate=!0,hr(A,B,V),A.side=Hn,A.needsUpdate=!0,hr(A,B,V),A.side=fn):hr(A,B,V)}this.compile=function(A,B,X=null){X===null&&(X=A),I!==null&&I.renderStart(A,B,X),w=K.get(X),w.init(B),b.push(w),X.traverseVisible(function(W){W.isLight&&W.layers.test(B.layers)&&(w.pushLight(W),W.castShadow&&w.pushShadow(W))}),A!==X&&A.traverseVisible(function(W){W.isLight&&W.layers.test(B.layers)&&(w.pushLight(W),W.castShadow&&w.pushShadow(W))}),w.setupLights(),I!==null&&I.updateLights(w.state.lightsArray),Ue=this.localClippingEnabled,Ae=j.init(this.clippingPlanes,Ue),Ae===!0&&j.setGlobalState(this.clippingPlanes,B),I!==null&&ut.render(w.state.shadowsArray,X,B);let V=new Set;return A.traverse(function(W){if(!(W.isMesh||W.isPoints||W.isLine||W.isSprite))return;let mt=W.material;if(mt)if(Array.isArray(mt))for(let wt=0;wt<mt.length;wt++){let ft=mt[wt];Eu(ft,X,B,W),V.add(ft)}else Eu(mt,X,B,W),V.add(mt)}),w=b.pop(),I!==null&&I.renderEnd(),V},this.compileAsync=function(A,B,X=null){let V=this.compile(A,B,X);return new Promise(W=>{function mt(){if(V.forEach(function(wt){let St=Ut.get(wt).currentProgram;(St===void 0||St.isReady())&&V.delete(wt)}),V.size===0){W(A);return}setTimeout(mt,10)}le.get("KHR_parallel_shader_compile")!==null?mt():setTimeout(mt,10)})};let hc=null;function Em(A){hc&&hc(A)}function Au(){Vi.stop()}function Cu(){Vi.start()}let Vi=new Ff;Vi.setAnimationLoop(Em),typeof self<"u"&&Vi.setContext(self),this.setAnimationLoop=function(A){hc=A,rt.setAnimationLoop(A),A===null?Vi.stop():Vi.start()},rt.addEventListener("sessionstart",Au),rt.addEventListener("sessionend",Cu),this.render=function(A,B){if(B!==void 0&&B.isCamera!==!0){Ot("WebGLRenderer.render: camera is not an instance of THREE.Camera.");return}if(P===!0)return;I!==null&&I.renderStart(A,B);let X=rt.enabled===!0&&rt.isPresenting===!0,V=C!==null&&(it===null||X)&&C.begin(T,it);if(A.matrixWorldAutoUpdate===!0&&A.updateMatrixWorld(),B.parent===null&&B.matrixWorldAutoUpdate===!0&&B.updateMatrixWorld(),rt.enabled===!0&&rt.isPresenting===!0&&(C===null||C.isCompositing()===!1)&&(rt.cameraAutoUpdate===!0&&rt.updateCamera(B),B=rt.getCamera()),A.isScene===!0&&A.onBeforeRender(T,A,B,it),w=K.get(A,b.length),w.init(B),w.state.textureUnits=Ht.getTextureUnits(),b.push(w),xe.multiplyMatrices(B.projectionMatrix,B.matrixWorldInverse),B.isArrayCamera?Ie.setFromArrayCamera(B):Yt.setFromProjectionMatrix(xe,Pn,B.reversedDepth),Ue=this.localClippingEnabled,Ae=j.init(this.clippingPlanes,Ue),M=pt.get(A,g.length),M.init(),g.push(M),this.info.render.frame++,rt.enabled===!0&&rt.isPresenting===!0){let wt=T.xr.getDepthSensingMesh();wt!==null&&uc(wt,B,-1/0,T.sortObjects)}uc(A,B,0,T.sortObjects),M.finish(),I!==null&&I.updateLights(w.state.lightsArray),T.sortObjects===!0&&M.sort(Nt,_e),xt=rt.enabled===!1||rt.isPresenting===!1||rt.hasDepthSensing()===!1,xt&&O.addToRenderList(M,A),this.info.autoReset===!0&&this.info.reset(),Ae===!0&&j.beginShadows();let W=w.state.shadowsArray;if(ut.render(W,A,B),Ae===!0&&j.endShadows(),(V&&C.hasRenderPass())===!1){let wt=M.opaque,ft=M.transmissive;if(w.setupLights(),B.isArrayCamera){let St=B.cameras;if(ft.length>0)for(let At=0,Gt=St.length;At<Gt;At++){let jt=St[At];Pu(wt,ft,A,jt)}xt&&O.render(A);for(let At=0,Gt=St.length;At<Gt;At++){let jt=St[At];Ru(M,A,jt,jt.viewport)}}else ft.length>0&&Pu(wt,ft,A,B),xt&&O.render(A),Ru(M,A,B)}it!==null&&q===0&&(Ht.updateMultisampleRenderTarget(it),Ht.updateRenderTargetMipmap(it)),V&&C.end(T),A.isScene===!0&&A.onAfterRender(T,A,B),ct.resetDefaultState(),Y=-1,Z=null,b.pop(),b.length>0?(w=b[b.length-1],Ht.setTextureUnits(w.state.textureUnits),Ae===!0&&j.setGlobalState(T.clippingPlanes,w.state.camera)):w=null,g.pop(),g.length>0?M=g[g.length-1]:M=null,I!==null&&I.renderEnd()};function uc(A,B,X,V){if(A.visible===!1)return;if(A.layers.test(B.layers)){if(A.isGroup)X=A.renderOrder;else if(A.isLOD)A.autoUpdate===!0&&A.update(B);else if(A.isLight)w.pushLight(A),A.castShadow&&w.pushShadow(A);else if(A.isSprite){let wt=B.isArrayCamera?Ie:Yt;if(!A.frustumCulled||A.intersectsFrustum(wt)){V&&z.setFromMatrixPosition(A.matrixWorld).applyMatrix4(xe);let ft=st.update(A),St=A.material;St.visible&&M.push(A,ft,St,X,z.z,null,B)}}else if(A.isMesh||A.isLine||A.isPoints){let wt=B.isArrayCamera?Ie:Yt;if(!A.frustumCulled||A.intersectsFrustum(wt)){let ft=st.update(A),St=A.material;if(V&&(A.boundingSphere!==void 0?(A.boundingSphere===null&&A.computeBoundingSphere(),z.copy(A.boundingSphere.center)):(ft.boundingSphere===null&&ft.computeBoundingSphere(),z.copy(ft.boundingSphere.center)),z.applyMatrix4(A.matrixWorld).applyMatrix4(xe)),Array.isArray(St)){let At=ft.groups;for(let Gt=0,jt=At.length;Gt<jt;Gt++){let Tt=At[Gt],Qt=St[Tt.materialIndex];Qt&&Qt.visible&&M.push(A,ft,Qt,X,z.z,Tt,B)}}else St.visible&&M.push(A,ft,St,X,z.z,null,B)}}}let mt=A.children;for(let wt=0,ft=mt.length;wt<ft;wt++)uc(mt[wt],B,X,V)}function Ru(A,B,X,V){let{opaque:W,transmissive:mt,transparent:wt}=A;w.setupLightsView(X),Ae===!0&&j.setGlobalState(T.clippingPlanes,X),V&&_t.viewport(nt.copy(V)),W.length>0&&vo(W,B,X),mt.length>0&&vo(mt,B,X),wt.length>0&&vo(wt,B,X),_t.buffers.depth.setTest(!0),_t.buffers.depth.setMask(!0),_t.buffers.color.setMask(!0),_t.setPolygonOffset(!1)}function Pu(A,B,X,V){if((X.isScene===!0?X.overrideMaterial:null)!==null)return;if(w.state.transmissionRenderTarget[V.id]===void 0){let Tt=le.has("EXT_color_buffer_half_float")||le.has("EXT_color_buffer_float");w.state.transmissionRenderTarget[V.id]=new Tn(1,1,{generateMipmaps:!0,type:Tt?Gn:_n,minFilter:pi,samples:Math.max(4,de.samples),stencilBuffer:r,resolveDepthBuffer:!1,resolveStencilBuffer:!1,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,colorSpace:Jt.workingColorSpace})}let mt=w.state.transmissionRenderTarget[V.id],wt=V.viewport||nt;mt.setSize(wt.z*T.transmissionResolutionScale,wt.w*T.transmissionResolutionScale);let ft=T.getRenderTarget(),St=T.getActiveCubeFace(),At=T.getActiveMipmapLevel();T.setRenderTarget(mt),T.getClearColor(J),at=T.getClearAlpha(),at<1&&T.setClearColor(16777215,.5),T.clear(),xt&&O.render(X);let Gt=T.toneMapping;T.toneMapping=Kn;let jt=V.viewport;if(V.viewport!==void 0&&(V.viewport=void 0),w.setupLightsView(V),Ae===!0&&j.setGlobalState(T.clippingPlanes,V),vo(A,X,V),Ht.updateMultisampleRenderTarget(mt),Ht.updateRenderTargetMipmap(mt),le.has("WEBGL_multisampled_render_to_texture")===!1){let Tt=!1;for(let Qt=0,Le=B.length;Qt<Le;Qt++){let ye=B[Qt],{object:pe,geometry:Ke,material:Et,group:an}=ye;if(Et.side===fn&&pe.layers.test(V.layers)){let ne=Et.side;Et.side=$e,Et.needsUpdate=!0,Iu(pe,X,V,Ke,Et,an),Et.side=ne,Et.needsUpdate=!0,Tt=!0}}Tt===!0&&(Ht.updateMultisampleRenderTarget(mt),Ht.updateRenderTargetMipmap(mt))}T.setRenderTarget(ft,St,At),T.setClearColor(J,at),jt!==void 0&&(V.viewport=jt),T.toneMapping=Gt}function vo(A,B,X){let V=B.isScene===!0?B.overrideMaterial:null;for(let W=0,mt=A.length;W<mt;W++){let wt=A[W],{object:ft,geometry:St,group:At}=wt,Gt=wt.material;Gt.allowOverride===!0&&V!==null&&(Gt=V),ft.layers.test(X.layers)&&Iu(ft,B,X,St,Gt,At)}}function Iu(A,B,X,V,W,mt){I!==null&&W.isNodeMaterial&&I.setObject(A,W),A.onBeforeRender(T,B,X,V,W,mt),A.modelViewMatrix.multiplyMatrices(X.matrixWorldInverse,A.matrixWorld),A.normalMatrix.getNormalMatrix(A.modelViewMatrix),W.onBeforeRender(T,B,X,V,A,mt),W.transparent===!0&&W.side===fn&&W.forceSinglePass===!1?(W.side=$e,W.needsUpdate=!0,T.renderBufferDirect(X,B,V,W,A,mt),W.side=Hn,W.needsUpdate=!0,T.renderBufferDirect(X,B,V,W,A,mt),W.side=fn):T.renderBufferDirect(X,B,V,W,A,mt),A.onAfterRender(T,B,X,V,W,mt)}function Lu(A){let B=0;for(let X of A)X.texture!==null&&B++;return B}function hr(A,B,X){B.isScene!==!0&&(B=tt);let V=Ut.get(A),W=w.state.lights,mt=w.state.shadowsArray,wt=W.state.version,ft=et.getParameters(A,W.state,mt,B,X,w.state.lightProbeGridArray),St=et.getProgramCacheKey(ft),At=V.programs;V.environment=A.isMeshStandardMaterial||A.isMeshLambertMaterial||A.isMeshPhongMaterial?B.environment:null,V.fog=B.fog;let Gt=A.isMeshStandardMaterial||A.isMeshLambertMaterial&&!A.envMap||A.isMeshPhongMaterial&&!A.envMap;V.envMap=D.get(A.envMap||V.environment,Gt),V.envMapRotation=V.environment!==null&&A.envMap===null?B.environmentRotation:A.envMapRotation,At===void 0&&(A.addEventListener("dispose",ue),At=new Map,V.programs=At,V.programVariants=new Map);let jt=At.get(St);if(jt!==void 0){if(V.currentProgram===jt&&V.lightsStateVersion===wt)return Nu(A,ft),jt}else ft.uniforms=et.getUniforms(A),I!==null&&A.isNodeMaterial&&I.build(A,X,ft),A.onBeforeCompile(ft,T),jt=et.acquireProgram(ft,St),At.set(St,jt),V.uniforms=ft.uniforms;let Tt=V.uniforms;return(!A.isShaderMaterial&&!A.isRawShaderMaterial||A.clipping===!0)&&(Tt.clippingPlanes=j.uniform),Nu(A,ft),V.needsLights=Pm(A),V.lightsStateVersion=wt,V.needsLights&&(Tt.ambientLightColor.value=W.state.ambient,Tt.lightProbe.value=W.state.probe,Tt.sunLights.value=W.state.sun,Tt.sunLightShadows.value=W.state.sunShadow,Tt.directionalLights.value=W.state.directional,Tt.directionalLightShadows.value=W.state.directionalShadow,Tt.spotLights.value=W.state.spot,Tt.spotLightShadows.value=W.state.spotShadow,Tt.rectAreaLights.value=W.state.rectArea,Tt.ltc_1.value=W.state.rectAreaLTC1,Tt.ltc_2.value=W.state.rectAreaLTC2,Tt.pointLights.value=W.state.point,Tt.pointLightShadows.value=W.state.pointShadow,Tt.hemisphereLights.value=W.state.hemi,Tt.sunShadowMatrix.value=W.state.sunShadowMatrix,Tt.sunShadowCascade.value=W.state.sunShadowCascade,Tt.directionalShadowMatrix.value=W.state.directionalShadowMatrix,Tt.spotLightMatrix.value=W.state.spotLightMatrix,Tt.spotLightMap.value=W.state.spotLightMap,Tt.pointShadowMatrix.value=W.state.pointShadowMatrix),V.numLightProbeGrids=Lu(w.state.lightProbeGridArray),V.currentProgram=jt,V.uniformsList=null,jt}function Am(A,B,X,V,W){let mt=Ut.get(A),wt=mt.currentProgram.id+","+V+","+W,ft=mt.programVariants.get(wt);return ft===void 0?(ft=hr(A,B,X),mt.programVariants.set(wt,ft)):(mt.currentProgram=ft,mt.uniformsList=null,mt.outputColorSpace=V,mt.toneMapping=W),ft}function Du(A){if(A.uniformsList===null){let B=A.currentProgram.getUniforms();A.uniformsList=Gs.seqWithValue(B.seq,A.uniforms)}return A.uniformsList}function Nu(A,B){let X=Ut.get(A);X.outputColorSpace=B.outputColorSpace,X.batching=B.batching,X.batchingColor=B.batchingColor,X.instancing=B.instancing,X.instancingColor=B.instancingColor,X.instancingMorph=B.instancingMorph,X.skinning=B.skinning,X.morphTargets=B.morphTargets,X.morphNormals=B.morphNormals,X.morphColors=B.morphColors,X.morphTargetsCount=B.morphTargetsCount,X.numClippingPlanes=B.numClippingPlanes,X.numIntersection=B.numClipIntersection,X.vertexAlphas=B.vertexAlphas,X.vertexTangents=B.vertexTangents,X.toneMapping=B.toneMapping}function Cm(A,B,X,V,W){B.isScene!==!0&&(B=tt),Ht.resetTextureUnits();let mt=B.fog,wt=V.isMeshStandardMaterial||V.isMeshLambertMaterial||V.isMeshPhongMaterial?B.environment:null,ft=it===null?T.outputColorSpace:it.isXRRenderTarget===!0?it.texture.colorSpace:Jt.workingColorSpace,St=V.isMeshStandardMaterial||V.isMeshLambertMaterial&&!V.envMap||V.isMeshPhongMaterial&&!V.envMap,At=D.get(V.envMap||wt,St),Gt=V.vertexColors===!0&&!!X.attributes.color&&X.attributes.color.itemSize===4,jt=!!X.attributes.tangent&&(!!V.normalMap||V.anisotropy>0),Tt=!!X.morphAttributes.position,Qt=!!X.morphAttributes.normal,Le=!!X.morphAttributes.color,ye=Kn;V.toneMapped&&(it===null||it.isXRRenderTarget===!0)&&(ye=T.toneMapping);let pe=X.morphAttributes.position||X.morphAttributes.normal||X.morphAttributes.color,Ke=pe!==void 0?pe.length:0,Et=Ut.get(V),an=w.state.lights;if(Ae===!0&&(Ue===!0||A!==Z)){let Me=A===Z&&V.id===Y;j.setState(V,A,Me)}let ne=!1,Hi=!1;V.version===Et.__version?Et.needsLights&&Et.lightsStateVersion!==an.state.version||W.isBatchedMesh&&Et.batching===!1||!W.isBatchedMesh&&Et.batching===!0||W.isBatchedMesh&&Et.batchingColor===!0&&W._colorsTexture===null||W.isBatchedMesh&&Et.batchingColor===!1&&W._colorsTexture!==null||W.isInstancedMesh&&Et.instancing===!1||!W.isInstancedMesh&&Et.instancing===!0||W.isSkinnedMesh&&Et.skinning===!1||!W.isSkinnedMesh&&Et.skinning===!0||W.isInstancedMesh&&Et.instancingColor===!0&&W.instanceColor===null||W.isInstancedMesh&&Et.instancingColor===!1&&W.instanceColor!==null||W.isInstancedMesh&&Et.instancingMorph===!0&&W.morphTexture===null||W.isInstancedMesh&&Et.instancingMorph===!1&&W.morphTexture!==null||Et.envMap!==At||V.fog===!0&&Et.fog!==mt||Et.numClippingPlanes!==void 0&&(Et.numClippingPlanes!==j.numPlanes||Et.numIntersection!==j.numIntersection)||Et.vertexAlphas!==Gt||Et.vertexTangents!==jt||Et.morphTargets!==Tt||Et.morphNormals!==Qt||Et.morphColors!==Le||Et.morphTargetsCount!==Ke||Et.numLightProbeGrids!==Lu(w.state.lightProbeGridArray)?ne=!0:(Et.outputColorSpace!==ft||Et.toneMapping!==ye)&&(Hi=!0):(ne=!0,Et.__version=V.version);let je=Et.currentProgram;(ne===!0||Hi===!0)&&(je=Hi===!0?Am(V,B,W,ft,ye):hr(V,B,W),I&&V.isNodeMaterial&&I.onUpdateProgram(V,je,Et));let So=!1,vi=!1,Gi=!1,ee=je.getUniforms(),qe=Et.uniforms;if(_t.useProgram(je.program)&&(So=!0,vi=!0,Gi=!0),V.id!==Y&&(Y=V.id,vi=!0),So||Z!==A){_t.buffers.depth.getReversed()&&A.reversedDepth!==!0&&(A._reversedDepth=!0,A.updateProjectionMatrix()),ee.setValue(F,"projectionMatrix",A.projectionMatrix),ee.setValue(F,"viewMatrix",A.matrixWorldInverse);let Ve=ee.map.cameraPosition;Ve!==void 0&&Ve.setValue(F,N.setFromMatrixPosition(A.matrixWorld)),de.logarithmicDepthBuffer&&ee.setValue(F,"logDepthBufFC",2/(Math.log(A.far+1)/Math.LN2)),(V.isMeshPhongMaterial||V.isMeshToonMaterial||V.isMeshLambertMaterial||V.isMeshBasicMaterial||V.isMeshStandardMaterial||V.isShaderMaterial)&&ee.setValue(F,"isOrthographic",A.isOrthographicCamera===!0),Z!==A&&(Z=A,vi=!0,Gi=!0)}if(Et.needsLights&&(an.state.sunShadowMap.length>0&&ee.setValue(F,"sunShadowMap",an.state.sunShadowMap,Ht),an.state.directionalShadowMap.length>0&&ee.setValue(F,"directionalShadowMap",an.state.directionalShadowMap,Ht),an.state.spotShadowMap.length>0&&ee.setValue(F,"spotShadowMap",an.state.spotShadowMap,Ht),an.state.pointShadowMap.length>0&&ee.setValue(F,"pointShadowMap",an.state.pointShadowMap,Ht)),W.isSkinnedMesh){ee.setOptional(F,W,"bindMatrix"),ee.setOptional(F,W,"bindMatrixInverse");let Me=W.skeleton;Me&&(Me.boneTexture===null&&Me.computeBoneTexture(),ee.setValue(F,"boneTexture",Me.boneTexture,Ht))}W.isBatchedMesh&&(ee.setOptional(F,W,"batchingTexture"),ee.setValue(F,"batchingTexture",W._matricesTexture,Ht),ee.setOptional(F,W,"batchingIdTexture"),ee.setValue(F,"batchingIdTexture",W._indirectTexture,Ht),ee.setOptional(F,W,"batchingColorTexture"),W._colorsTexture!==null&&ee.setValue(F,"batchingColorTexture",W._colorsTexture,Ht));let Fn=X.morphAttributes;if((Fn.position!==void 0||Fn.normal!==void 0||Fn.color!==void 0)&&Q.update(W,X,je),(vi||Et.receiveShadow!==W.receiveShadow)&&(Et.receiveShadow=W.receiveShadow,ee.setValue(F,"receiveShadow",W.receiveShadow)),(V.isMeshStandardMaterial||V.isMeshLambertMaterial||V.isMeshPhongMaterial)&&V.envMap===null&&B.environment!==null&&(qe.envMapIntensity.value=B.environmentIntensity),qe.dfgLUT!==void 0&&(qe.dfgLUT.value=Rv()),vi){if(ee.setValue(F,"toneMappingExposure",T.toneMappingExposure),Et.needsLights&&Rm(qe,Gi),mt&&V.fog===!0&&lt.refreshFogUniforms(qe,mt),lt.refreshMaterialUniforms(qe,V,gt,Ct,w.state.transmissionRenderTarget[A.id]),Et.needsLights&&Et.numLightProbeGrids>0){let Me=v,Ve=0;for(let ni of w.state.lightProbeGridArray)ni.texture!==null&&(Me.textures[Ve]=ni.texture,Me.min[Ve]=ni.boundingBox.min,Me.max[Ve]=ni.boundingBox.max,Me.resolution[Ve]=ni.resolution,Ve++);for(let ni in Me)Me[ni].length=Ve;qe.probesSH.value=Me.textures,qe.probesMin.value=Me.min,qe.probesMax.value=Me.max,qe.probesResolution.value=Me.resolution}Gs.upload(F,Du(Et),qe,Ht)}if(V.isShaderMaterial&&V.uniformsNeedUpdate===!0&&(Gs.upload(F,Du(Et),qe,Ht),V.uniformsNeedUpdate=!1),V.isSpriteMaterial&&ee.setValue(F,"center",W.center),ee.setValue(F,"modelViewMatrix",W.modelViewMatrix),ee.setValue(F,"normalMatrix",W.normalMatrix),ee.setValue(F,"modelMatrix",W.matrixWorld),V.uniformsGroups!==void 0){let Me=V.uniformsGroups;for(let Ve=0,ni=Me.length;Ve<ni;Ve++){let Fu=Me[Ve];Pt.update(Fu,je),Pt.bind(Fu,je)}}return je}function Rm(A,B){A.ambientLightColor.needsUpdate=B,A.lightProbe.needsUpdate=B,A.sunLights.needsUpdate=B,A.sunLightShadows.needsUpdate=B,A.directionalLights.needsUpdate=B,A.directionalLightShadows.needsUpdate=B,A.pointLights.needsUpdate=B,A.pointLightShadows.needsUpdate=B,A.spotLights.needsUpdate=B,A.spotLightShadows.needsUpdate=B,A.rectAreaLights.needsUpdate=B,A.hemisphereLights.needsUpdate=B}function Pm(A){return A.isMeshLambertMaterial||A.isMeshToonMaterial||A.isMeshPhongMaterial||A.isMeshStandardMaterial||A.isShadowMaterial||A.isShaderMaterial&&A.lights===!0}this.getActiveCubeFace=function(){return H},this.getActiveMipmapLevel=function(){return q},this.getRenderTarget=function(){return it},this.setRenderTargetTextures=function(A,B,X){let V=Ut.get(A);V.__autoAllocateDepthBuffer=A.resolveDepthBuffer===!1,V.__autoAllocateDepthBuffer===!1&&(V.__useRenderToTexture=!1),Ut.get(A.texture).__webglTexture=B,Ut.get(A.depthTexture).__webglTexture=V.__autoAllocateDepthBuffer?void 0:X,V.__hasExternalTextures=!0},this.setRenderTargetFramebuffer=function(A,B){let X=Ut.get(A);X.__webglFramebuffer=B,X.__useDefaultFramebuffer=B===void 0},this.setRenderTarget=function(A,B=0,X=0){it=A,H=B,q=X;let V=null,W=!1,mt=!1;if(A){let ft=Ut.get(A);if(ft.__useDefaultFramebuffer!==void 0){_t.bindFramebuffer(F.FRAMEBUFFER,ft.__webglFramebuffer),nt.copy(A.viewport),Mt.copy(A.scissor),Ft=A.scissorTest,_t.viewport(nt),_t.scissor(Mt),_t.setScissorTest(Ft),Y=-1;return}else if(ft.__webglFramebuffer===void 0)Ht.setupRenderTarget(A);else if(ft.__hasExternalTextures)Ht.rebindTextures(A,Ut.get(A.texture).__webglTexture,Ut.get(A.depthTexture).__webglTexture);else if(A.depthBuffer){let Gt=A.depthTexture;if(ft.__boundDepthTexture!==Gt){if(Gt!==null&&Ut.has(Gt)&&(A.width!==Gt.image.width||A.height!==Gt.image.height))throw new Error("THREE.WebGLRenderer: Attached DepthTexture is initialized to the incorrect size.");Ht.setupDepthRenderbuffer(A)}}let St=A.texture;(St.isData3DTexture||St.isDataArrayTexture||St.isCompressedArrayTexture)&&(mt=!0);let At=Ut.get(A).__webglFramebuffer;A.isWebGLCubeRenderTarget?(Array.isArray(At[B])?V=At[B][X]:V=At[B],W=!0):A.samples>0&&Ht.useMultisampledRTT(A)===!1?V=Ut.get(A).__webglMultisampledFramebuffer:Array.isArray(At)?V=At[X]:V=At,nt.copy(A.viewport),Mt.copy(A.scissor),Ft=A.scissorTest}else nt.copy(Rt).multiplyScalar(gt).floor(),Mt.copy(qt).multiplyScalar(gt).floor(),Ft=ae;if(X!==0&&(V=U),_t.bindFramebuffer(F.FRAMEBUFFER,V)&&_t.drawBuffers(A,V),_t.viewport(nt),_t.scissor(Mt),_t.setScissorTest(Ft),W){let ft=Ut.get(A.texture);F.framebufferTexture2D(F.FRAMEBUFFER,F.COLOR_ATTACHMENT0,F.TEXTURE_CUBE_MAP_POSITIVE_X+B,ft.__webglTexture,X)}else if(mt){let ft=B;for(let St=0;St<A.textures.length;St++){let At=Ut.get(A.textures[St]);F.framebufferTextureLayer(F.FRAMEBUFFER,F.COLOR_ATTACHMENT0+St,At.__webglTexture,X,ft)}}else if(A!==null&&X!==0){let ft=Ut.get(A.texture);F.framebufferTexture2D(F.FRAMEBUFFER,F.COLOR_ATTACHMENT0,F.TEXTURE_2D,ft.__webglTexture,X)}Y=-1};function Uu(A){let B=Ut.get(A);return(B.__readFormat!==A.format||B.__readType!==A.type)&&(B.__readFormat=A.format,B.__readType=A.type,B.__formatReadable=de.textureFormatReadable(A.format),B.__typeReadable=de.textureTypeReadable(A.type)),B}this.readRenderTargetPixels=function(A,B,X,V,W,mt,wt,ft=0){if(!(A&&A.isWebGLRenderTarget)){Ot("WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");return}let St=Ut.get(A).__webglFramebuffer;if(A.isWebGLCubeRenderTarget&&wt!==void 0&&(St=St[wt],Array.isArray(St)&&(St=St[0])),St){_t.bindFramebuffer(F.FRAMEBUFFER,St);try{let At=A.textures[ft],Gt=At.format,jt=At.type;A.textures.length>1&&F.readBuffer(F.COLOR_ATTACHMENT0+ft);let Tt=Uu(At);if(Tt.__formatReadable===!1){Ot("WebGLRenderer.readRenderTargetPixels: renderTarget is not in RGBA or implementation defined format.");return}if(Tt.__typeReadable===!1){Ot("WebGLRenderer.readRenderTargetPixels: renderTarget is not in UnsignedByteType or implementation defined type.");return}B>=0&&B<=A.width-V&&X>=0&&X<=A.height-W&&F.readPixels(B,X,V,W,ot.convert(Gt),ot.convert(jt),mt)}finally{let At=it!==null?Ut.get(it).__webglFramebuffer:null;_t.bindFramebuffer(F.FRAMEBUFFER,At)}}},this.readRenderTargetPixelsAsync=async function(A,B,X,V,W,mt,wt,ft=0){if(!(A&&A.isWebGLRenderTarget))throw new Error("THREE.WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");let St=Ut.get(A).__webglFramebuffer;if(A.isWebGLCubeRenderTarget&&wt!==void 0&&(St=St[wt],Array.isArray(St)&&(St=St[0])),St)if(B>=0&&B<=A.width-V&&X>=0&&X<=A.height-W){_t.bindFramebuffer(F.FRAMEBUFFER,St);let At=A.textures[ft],Gt=At.format,jt=At.type;A.textures.length>1&&F.readBuffer(F.COLOR_ATTACHMENT0+ft);let Tt=Uu(At);if(Tt.__formatReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in RGBA or implementation defined format.");if(Tt.__typeReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in UnsignedByteType or implementation defined type.");let Qt=F.createBuffer();F.bindBuffer(F.PIXEL_PACK_BUFFER,Qt),F.bufferData(F.PIXEL_PACK_BUFFER,mt.byteLength,F.STREAM_READ),F.readPixels(B,X,V,W,ot.convert(Gt),ot.convert(jt),0),F.bindBuffer(F.PIXEL_PACK_BUFFER,null);let Le=it!==null?Ut.get(it).__webglFramebuffer:null;_t.bindFramebuffer(F.FRAMEBUFFER,Le);let ye=F.fenceSync(F.SYNC_GPU_COMMANDS_COMPLETE,0);return F.flush(),await af(F,ye,4),F.bindBuffer(F.PIXEL_PACK_BUFFER,Qt),F.getBufferSubData(F.PIXEL_PACK_BUFFER,0,mt),F.bindBuffer(F.PIXEL_PACK_BUFFER,null),F.deleteBuffer(Qt),F.deleteSync(ye),mt}else throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: requested read bounds are out of range.")},this.copyFramebufferToTexture=function(A,B=null,X=0){let V=Math.pow(2,-X),W=Math.floor(A.image.width*V),mt=Math.floor(A.image.height*V),wt=B!==null?B.x:0,ft=B!==null?B.y:0;Ht.setTexture2D(A,0),F.copyTexSubImage2D(F.TEXTURE_2D,X,0,0,wt,ft,W,mt),_t.unbindTexture()},this.copyTextureToTexture=function(A,B,X=null,V=null,W=0,mt=0){let wt,ft,St,At,Gt,jt,Tt,Qt,Le,ye=A.isCompressedTexture?A.mipmaps[mt]:A.image;if(X!==null)wt=X.max.x-X.min.x,ft=X.max.y-X.min.y,St=X.isBox3?X.max.z-X.min.z:1,At=X.min.x,Gt=X.min.y,jt=X.isBox3?X.min.z:0;else{let ee=Math.pow(2,-W);wt=Math.floor(ye.width*ee),ft=Math.floor(ye.height*ee),A.isDataArrayTexture?St=ye.depth:A.isData3DTexture?St=Math.floor(ye.depth*ee):St=1,At=0,Gt=0,jt=0}V!==null?(Tt=V.x,Qt=V.y,Le=V.z):(Tt=0,Qt=0,Le=0);let pe=ot.convert(B.format),Ke=ot.convert(B.type),Et;B.isData3DTexture?(Ht.setTexture3D(B,0),Et=F.TEXTURE_3D):B.isDataArrayTexture||B.isCompressedArrayTexture?(Ht.setTexture2DArray(B,0),Et=F.TEXTURE_2D_ARRAY):(Ht.setTexture2D(B,0),Et=F.TEXTURE_2D),_t.activeTexture(F.TEXTURE0),_t.pixelStorei(F.UNPACK_FLIP_Y_WEBGL,B.flipY),_t.pixelStorei(F.UNPACK_PREMULTIPLY_ALPHA_WEBGL,B.premultiplyAlpha),_t.pixelStorei(F.UNPACK_ALIGNMENT,B.unpackAlignment);let an=_t.getParameter(F.UNPACK_ROW_LENGTH),ne=_t.getParameter(F.UNPACK_IMAGE_HEIGHT),Hi=_t.getParameter(F.UNPACK_SKIP_PIXELS),je=_t.getParameter(F.UNPACK_SKIP_ROWS),So=_t.getParameter(F.UNPACK_SKIP_IMAGES);_t.pixelStorei(F.UNPACK_ROW_LENGTH,ye.width),_t.pixelStorei(F.UNPACK_IMAGE_HEIGHT,ye.height),_t.pixelStorei(F.UNPACK_SKIP_PIXELS,At),_t.pixelStorei(F.UNPACK_SKIP_ROWS,Gt),_t.pixelStorei(F.UNPACK_SKIP_IMAGES,jt);let vi=A.isDataArrayTexture||A.isData3DTexture,Gi=B.isDataArrayTexture||B.isData3DTexture;if(A.isDepthTexture){let ee=Ut.get(A),qe=Ut.get(B),Fn=Ut.get(ee.__renderTarget),Me=Ut.get(qe.__renderTarget);_t.bindFramebuffer(F.READ_FRAMEBUFFER,Fn.__webglFramebuffer),_t.bindFramebuffer(F.DRAW_FRAMEBUFFER,Me.__webglFramebuffer);for(let Ve=0;Ve<St;Ve++)vi&&(F.framebufferTextureLayer(F.READ_FRAMEBUFFER,F.COLOR_ATTACHMENT0,Ut.get(A).__webglTexture,W,jt+Ve),F.framebufferTextureLayer(F.DRAW_FRAMEBUFFER,F.COLOR_ATTACHMENT0,Ut.get(B).__webglTexture,mt,Le+Ve)),F.blitFramebuffer(At,Gt,At+wt,Gt+ft,Tt,Qt,Tt+wt,Qt+ft,F.DEPTH_BUFFER_BIT,F.NEAREST);_t.bindFramebuffer(F.READ_FRAMEBUFFER,null),_t.bindFramebuffer(F.DRAW_FRAMEBUFFER,null)}else if(W!==0||A.isRenderTargetTexture||Ut.has(A)){let ee=Ut.get(A),qe=Ut.get(B);_t.bindFramebuffer(F.READ_FRAMEBUFFER,L),_t.bindFramebuffer(F.DRAW_FRAMEBUFFER,k);for(let Fn=0;Fn<St;Fn++)vi?F.framebufferTextureLayer(F.READ_FRAMEBUFFER,F.COLOR_ATTACHMENT0,ee.__webglTexture,W,jt+Fn):F.framebufferTexture2D(F.READ_FRAMEBUFFER,F.COLOR_ATTACHMENT0,F.TEXTURE_2D,ee.__webglTexture,W),Gi?F.framebufferTextureLayer(F.DRAW_FRAMEBUFFER,F.COLOR_ATTACHMENT0,qe.__webglTexture,mt,Le+Fn):F.framebufferTexture2D(F.DRAW_FRAMEBUFFER,F.COLOR_ATTACHMENT0,F.TEXTURE_2D,qe.__webglTexture,mt),W!==0?F.blitFramebuffer(At,Gt,At+wt,Gt+ft,Tt,Qt,Tt+wt,Qt+ft,F.COLOR_BUFFER_BIT,F.NEAREST):Gi?F.copyTexSubImage3D(Et,mt,Tt,Qt,Le+Fn,At,Gt,wt,ft):F.copyTexSubImage2D(Et,mt,Tt,Qt,At,Gt,wt,ft);_t.bindFramebuffer(F.READ_FRAMEBUFFER,null),_t.bindFramebuffer(F.DRAW_FRAMEBUFFER,null)}else Gi?A.isDataTexture||A.isData3DTexture?F.texSubImage3D(Et,mt,Tt,Qt,Le,wt,ft,St,pe,Ke,ye.data):B.isCompressedArrayTexture?F.compressedTexSubImage3D(Et,mt,Tt,Qt,Le,wt,ft,St,pe,ye.data):F.texSubImage3D(Et,mt,Tt,Qt,Le,wt,ft,St,pe,Ke,ye):A.isDataTexture?F.texSubImage2D(F.TEXTURE_2D,mt,Tt,Qt,wt,ft,pe,Ke,ye.data):A.isCompressedTexture?F.compressedTexSubImage2D(F.TEXTURE_2D,mt,Tt,Qt,ye.width,ye.height,pe,ye.data):F.texSubImage2D(F.TEXTURE_2D,mt,Tt,Qt,wt,ft,pe,Ke,ye);_t.pixelStorei(F.UNPACK_ROW_LENGTH,an),_t.pixelStorei(F.UNPACK_IMAGE_HEIGHT,ne),_t.pixelStorei(F.UNPACK_SKIP_PIXELS,Hi),_t.pixelStorei(F.UNPACK_SKIP_ROWS,je),_t.pixelStorei(F.UNPACK_SKIP_IMAGES,So),mt===0&&B.generateMipmaps===!0&&B.mipmapsAutoUpdate===!0&&F.generateMipmap(Et),_t.unbindTexture()},this.initRenderTarget=function(A){Ut.get(A).__webglFramebuffer===void 0&&Ht.setupRenderTarget(A)},this.initTexture=function(A){A.isCubeTexture?Ht.setTextureCube(A,0):A.isData3DTexture?Ht.setTexture3D(A,0):A.isDataArrayTexture||A.isCompressedArrayTexture?Ht.setTexture2DArray(A,0):Ht.setTexture2D(A,0),_t.unbindTexture()},this.resetState=function(){H=0,q=0,it=null,_t.reset(),ct.reset()},typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}get coordinateSystem(){return Pn}get outputColorSpace(){return this._outputColorSpace}set outputColorSpace(t){this._outputColorSpace=t;let e=this.getContext();e.drawingBufferColorSpace=Jt._getDrawingBufferColorSpace(t),e.unpackColorSpace=Jt._getUnpackColorSpace()}}});var qs,oo,Rl,Pl=It(()=>{qs=Math.pow(2,-24),oo=Symbol("SKIP_GENERATION"),Rl={strategy:0,maxDepth:40,targetLeafSize:10,useSharedArrayBuffer:!1,setBoundingBox:!0,onProgress:null,indirect:!1,verbose:!0,range:null,[oo]:!1}});function me(s,t,e){return e.min.x=t[s],e.min.y=t[s+1],e.min.z=t[s+2],e.max.x=t[s+3],e.max.y=t[s+4],e.max.z=t[s+5],e}function ao(s){let t=-1,e=-1/0;for(let i=0;i<3;i++){let n=s[i+3]-s[i];n>e&&(e=n,t=i)}return t}function Wh(s,t,e){for(let i=0;i<3;i++){let n=t[s+2*i],r=t[s+2*i+1],o=n-r,a=n+r;o<e[i]&&(e[i]=o),a>e[i+3]&&(e[i+3]=a)}}function Il(s){let t=s[3]-s[0],e=s[4]-s[1],i=s[5]-s[2];return 2*(t*e+e*i+i*t)}var Ni=It(()=>{});function te(s,t){return t[s+15]===65535}function he(s,t){return t[s+6]}function fe(s,t){return t[s+14]}function re(s){return s+8}function oe(s,t){let e=t[s+6];return s+e*8}function Xs(s,t){return t[s+7]}var yn=It(()=>{});function Ll(s,t,e,i,n){let r=1/0,o=1/0,a=1/0,l=-1/0,c=-1/0,h=-1/0,u=1/0,d=1/0,f=1/0,m=-1/0,y=-1/0,p=-1/0,_=s.offset||0;for(let x=(t-_)*6,S=(t+e-_)*6;x<S;x+=6){let v=s[x+0],M=s[x+1],w=v-M,g=v+M;w<r&&(r=w),g>l&&(l=g),v<u&&(u=v),v>m&&(m=v);let b=s[x+2],C=s[x+3],T=b-C,P=b+C;T<o&&(o=T),P>c&&(c=P),b<d&&(d=b),b>y&&(y=b);let I=s[x+4],U=s[x+5],L=I-U,k=I+U;L<a&&(a=L),k>h&&(h=k),I<f&&(f=I),I>p&&(p=I)}i[0]=r,i[1]=o,i[2]=a,i[3]=l,i[4]=c,i[5]=h,n[0]=u,n[1]=d,n[2]=f,n[3]=m,n[4]=y,n[5]=p}var Jf=It(()=>{});function qv(s,t,e,i){for(let n=0;n<3;n++){let r=t[s+2*n],o=t[s+2*n+1],a=r-o,l=r+o;a<e[i+n]&&(e[i+n]=a),l>e[i+n+3]&&(e[i+n+3]=l)}}function Qf(s,t){let e=s[t+3]-s[t],i=s[t+4]-s[t+1],n=s[t+5]-s[t+2];return 2*(e*i+i*n+n*e)}function tp(s,t,e,i,n,r){let o=-1,a=0;if(r===0)o=ao(t),o!==-1&&(a=(t[o]+t[o+3])/2);else if(r===1)o=ao(s),o!==-1&&(a=Xv(e,i,n,o));else if(r===2){let l=Il(s),c=1.25*n,h=e.offset||0,u=(i-h)*6,d=(i+n-h)*6;for(let f=0;f<3;f++){let m=t[f],_=(t[f+3]-m)/ei;if(n<Xh){for(let x=0;x<n;x++){let S=u+x*6,v=e[S+2*f],M=x;for(;M>0&&e[Ui[M-1]+2*f]>v;)Ui[M]=Ui[M-1],M--;Ui[M]=S}for(let x=0;x<3;x++)Wn[x]=1/0,Wn[x+3]=-1/0,Dl[x]=1/0,Dl[x+3]=-1/0;for(let x=n-1;x>=0;x--)Wh(Ui[x],e,Dl),jf.set(Dl,x*6);for(let x=0;x<n-1;x++){Wh(Ui[x],e,Wn);let S=e[Ui[x+1]+2*f];if(e[Ui[x]+2*f]===S)continue;let v=x+1,M=n-v,w=Il(Wn)/l,g=Qf(jf,v*6)/l,b=1+1.25*(w*v+g*M);b<c&&(o=f,c=b,a=S)}}else{for(let v=0;v<ei;v++){qh[v]=0;for(let M=0;M<3;M++)ti[v*6+M]=1/0,ti[v*6+M+3]=-1/0}for(let v=u;v<d;v+=6){let g=~~((e[v+2*f]-m)/_);g>=ei&&(g=ei-1),qh[g]++,qv(v,e,ti,g*6)}let x=(ei-1)*6;for(let v=0;v<6;v++)Ys[x+v]=ti[x+v];for(let v=ei-2;v>=0;v--){let M=v*6,w=M+6;for(let g=0;g<3;g++)Ys[M+g]=Math.min(ti[M+g],Ys[w+g]),Ys[M+g+3]=Math.max(ti[M+g+3],Ys[w+g+3])}let S=0;for(let v=0;v<ei-1;v++){let M=v*6,w=qh[v];if(w!==0)for(let P=0;P<3;P++)S===0?(Wn[P]=ti[M+P],Wn[P+3]=ti[M+P+3]):(Wn[P]=Math.min(Wn[P],ti[M+P]),Wn[P+3]=Math.max(Wn[P+3],ti[M+P+3]));S+=w;let g=0,b=0;S!==0&&(g=Il(Wn)/l);let C=n-S;C!==0&&(b=Qf(Ys,M+6)/l);let T=1+1.25*(g*S+b*C);T<c&&(o=f,c=T,a=m+_+v*_)}}}}else console.warn(`BVH: Invalid build strategy value ${r} used.`);return{axis:o,pos:a}}function Xv(s,t,e,i){let n=0,r=s.offset;for(let o=t,a=t+e;o<a;o++)n+=s[(o-r)*6+i*2];return n/e}var ei,Xh,qh,ti,Ys,Wn,Dl,Ui,jf,ep=It(()=>{Ni();ei=8,Xh=8,qh=new Int32Array(ei),ti=new Float32Array(ei*6),Ys=new Float32Array(ei*6),Wn=new Float32Array(6),Dl=new Float32Array(6),Ui=new Int32Array(Xh),jf=new Float32Array(Xh*6)});function np(s,t,e,i,n,r){let o=i,a=i+n-1,l=r.pos,c=r.axis*2,h=e.offset||0;for(;;){for(;o<=a&&e[(o-h)*6+c]<l;)o++;for(;o<=a&&e[(a-h)*6+c]>=l;)a--;if(o<a){for(let u=0;u<t;u++){let d=s[o*t+u];s[o*t+u]=s[a*t+u],s[a*t+u]=d}for(let u=0;u<6;u++){let d=o-h,f=a-h,m=e[d*6+u];e[d*6+u]=e[f*6+u],e[f*6+u]=m}o++,a--}else return o}}var ip=It(()=>{});function $v(s,t,e,i,n,r){let{maxDepth:o,verbose:a,targetLeafSize:l,_strictLeafSize:c=1/0,strategy:h,onProgress:u,useSharedArrayBuffer:d=!1}=n,f=s.primitiveBuffer,m=s.primitiveBufferStride,y=d?SharedArrayBuffer:ArrayBuffer,p=new y(32*Math.max(1,2*Math.ceil(i)-1)),_=new Float32Array(p),x=new Uint32Array(p),S=new Uint16Array(p),v=0,M=!1;return Ll(t,e,i,$s,Nl),b(e,i,0),p.slice(0,v*32);function w(C){u&&u((C-r.offset)/r.count)}function g(C,T,P){let I=C*2;x[C+6]=T,S[I+14]=P,S[I+15]=65535,w(T+P)}function b(C,T,P){let I=v++,U=I*8;_.set($s,U),!M&&P>=o&&(M=!0,a&&console.warn(`BVH: Max depth of ${o} reached when generating BVH. Consider increasing maxDepth.`));let L=T>c;if(T<=l&&!L||P>=o){g(U,C,T);return}let k=tp($s,Nl,t,C,T,h),H=k.axis===-1?-1:np(f,m,t,C,T,k);if(k.axis===-1||H===C||H===C+T){if(!L){g(U,C,T);return}k.axis=Math.max(0,ao($s)),H=C+Math.max(1,Math.floor(T/2))}x[U+7]=k.axis;let q=H-C;Ll(t,C,q,$s,Nl),b(C,q,P+1);let it=v-I;if(it>Yv)throw new Error("MeshBVH: Cannot store relative child node offset greater than 32 bits.");x[U+6]=it;let Y=T-q;Ll(t,H,Y,$s,Nl),b(H,Y,P+1)}}function sp(s,t){let e=s.getRootRanges(t.range),i=e[0],n=e[e.length-1],r={offset:i.offset,count:n.offset+n.count-i.offset},o=new Float32Array(6*r.count);o.offset=r.offset,s.computePrimitiveBounds(r.offset,r.count,o),s._roots=e.map(a=>$v(s,o,a.offset,a.count,t,r))}var Yv,$s,Nl,rp=It(()=>{Jf();ep();Ni();ip();Yv=Math.pow(2,32),$s=new Float32Array(6),Nl=new Float32Array(6)});var Fi,Ul=It(()=>{Fi=class{constructor(t){this._getNewPrimitive=t,this._primitives=[]}getPrimitive(){let t=this._primitives;return t.length===0?this._getNewPrimitive():t.pop()}releasePrimitive(t){this._primitives.push(t)}}});var Yh,Kt,_i=It(()=>{Yh=class{constructor(){this.float32Array=null,this.uint16Array=null,this.uint32Array=null;let t=[],e=null;this.setBuffer=i=>{e&&t.push(e),e=i,this.float32Array=new Float32Array(i),this.uint16Array=new Uint16Array(i),this.uint32Array=new Uint32Array(i)},this.clearBuffer=()=>{e=null,this.float32Array=null,this.uint16Array=null,this.uint32Array=null,t.length!==0&&this.setBuffer(t.pop())}}},Kt=new Yh});function op(s,t,e,i,n,r){Oi=Fl.getPrimitive(),Js=Fl.getPrimitive(),Zs.push(Oi,Js),Kt.setBuffer(s._roots[t]);let o=$h(0,s.geometry,e,i,n,r);Kt.clearBuffer(),Fl.releasePrimitive(Oi),Fl.releasePrimitive(Js),Zs.pop(),Zs.pop();let a=Zs.length;return a>0&&(Js=Zs[a-1],Oi=Zs[a-2]),o}function $h(s,t,e,i,n=null,r=0,o=0){let{float32Array:a,uint16Array:l,uint32Array:c}=Kt,h=s*2;if(te(h,l)){let d=he(s,c),f=fe(h,l);return me(s,a,Oi),i(d,f,!1,o,r+s/8,Oi)}else{let T=function(I){let{uint16Array:U,uint32Array:L}=Kt,k=I*2;for(;!te(k,U);)I=re(I),k=I*2;return he(I,L)},P=function(I){let{uint16Array:U,uint32Array:L}=Kt,k=I*2;for(;!te(k,U);)I=oe(I,L),k=I*2;return he(I,L)+fe(k,U)},d=re(s),f=oe(s,c),m=d,y=f,p,_,x,S;if(n&&(x=Oi,S=Js,me(m,a,x),me(y,a,S),p=n(x),_=n(S),_<p)){m=f,y=d;let I=p;p=_,_=I,x=S}x||(x=Oi,me(m,a,x));let v=te(m*2,l),M=e(x,v,p,o+1,r+m/8),w;if(M===2){let I=T(m),L=P(m)-I;w=i(I,L,!0,o+1,r+m/8,x)}else w=M&&$h(m,t,e,i,n,r,o+1);if(w)return!0;S=Js,me(y,a,S);let g=te(y*2,l),b=e(S,g,_,o+1,r+y/8),C;if(b===2){let I=T(y),L=P(y)-I;C=i(I,L,!0,o+1,r+y/8,S)}else C=b&&$h(y,t,e,i,n,r,o+1);return!!C}}var Oi,Js,Zs,Fl,ap=It(()=>{Ce();Ni();Ul();yn();_i();Zs=[],Fl=new Fi(()=>new ie)});function lp(s,t,e,i){if(jh)throw new Error("MeshBVH: Recursive calls to bvhcast not supported.");jh=!0;let n=s._roots,r=t._roots,o,a=0,l=0,c=new kt().copy(e).invert();for(let h=0,u=n.length;h<u;h++){lo.setBuffer(n[h]),l=0;let d=Bi.getPrimitive();me(0,lo.float32Array,d),d.applyMatrix4(c);for(let f=0,m=r.length;f<m&&(Ol.setBuffer(r[f]),o=qn(0,0,e,c,i,a,l,0,0,d),Ol.clearBuffer(),l+=r[f].byteLength/32,!o);f++);if(Bi.releasePrimitive(d),lo.clearBuffer(),a+=n[h].byteLength/32,o)break}return jh=!1,o}function qn(s,t,e,i,n,r=0,o=0,a=0,l=0,c=null,h=!1){let u,d;h?(u=Ol,d=lo):(u=lo,d=Ol);let f=u.float32Array,m=u.uint32Array,y=u.uint16Array,p=d.float32Array,_=d.uint32Array,x=d.uint16Array,S=s*2,v=t*2,M=te(S,y),w=te(v,x),g=!1;if(w&&M)h?g=n(he(t,_),fe(t*2,x),he(s,m),fe(s*2,y),l,o+t/8,a,r+s/8):g=n(he(s,m),fe(s*2,y),he(t,_),fe(t*2,x),a,r+s/8,l,o+t/8);else if(w){let b=Bi.getPrimitive();me(t,p,b),b.applyMatrix4(e);let C=re(s),T=oe(s,m);me(C,f,Ks),me(T,f,js);let P=b.intersectsBox(Ks),I=b.intersectsBox(js);g=P&&qn(t,C,i,e,n,o,r,l,a+1,b,!h)||I&&qn(t,T,i,e,n,o,r,l,a+1,b,!h),Bi.releasePrimitive(b)}else{let b=re(t),C=oe(t,_);me(b,p,Jh),me(C,p,Kh);let T=c.intersectsBox(Jh),P=c.intersectsBox(Kh);if(T&&P)g=qn(s,b,e,i,n,r,o,a,l+1,c,h)||qn(s,C,e,i,n,r,o,a,l+1,c,h);else if(T)if(M)g=qn(s,b,e,i,n,r,o,a,l+1,c,h);else{let I=Bi.getPrimitive();I.copy(Jh).applyMatrix4(e);let U=re(s),L=oe(s,m);me(U,f,Ks),me(L,f,js);let k=I.intersectsBox(Ks),H=I.intersectsBox(js);g=k&&qn(b,U,i,e,n,o,r,l,a+1,I,!h)||H&&qn(b,L,i,e,n,o,r,l,a+1,I,!h),Bi.releasePrimitive(I)}else if(P)if(M)g=qn(s,C,e,i,n,r,o,a,l+1,c,h);else{let I=Bi.getPrimitive();I.copy(Kh).applyMatrix4(e);let U=re(s),L=oe(s,m);me(U,f,Ks),me(L,f,js);let k=I.intersectsBox(Ks),H=I.intersectsBox(js);g=k&&qn(C,U,i,e,n,o,r,l,a+1,I,!h)||H&&qn(C,L,i,e,n,o,r,l,a+1,I,!h),Bi.releasePrimitive(I)}}return g}var lo,Ol,Bi,Ks,js,Jh,Kh,jh,cp=It(()=>{Ce();_i();yn();Ni();Ul();lo=new Kt.constructor,Ol=new Kt.constructor,Bi=new Fi(()=>new ie),Ks=new ie,js=new ie,Jh=new ie,Kh=new ie,jh=!1});var Bl,hp=It(()=>{yn();Bl=new class{constructor(){let s=null,t=null,e=null,i=!1;this.root=null,this.buffer=null,this.uint32Array=null,this.uint16Array=null,this.setBVH=(r,o)=>{if(i)throw new Error("BVHTraversalHelper: cannot call setBVH during an active traversal.");this.root=o,this.buffer=s=r._roots[o],this.uint16Array=e=new Uint16Array(s),this.uint32Array=t=new Uint32Array(s)},this.reset=()=>{this.root=null,this.buffer=s=null,this.uint16Array=e=null,this.uint32Array=t=null},this.getRangeStart=r=>{let o=r*2;for(;!te(o,e);)r=re(r),o=r*2;return he(r,t)},this.getRangeEnd=r=>{let o=r*2;for(;!te(o,e);)r=oe(r,t),o=r*2;return he(r,t)+fe(o,e)};let n=(r,o,a)=>{let l=o*2,c=te(l,e);if(!r(a,c,o)&&!c){let u=re(o),d=oe(o,t);n(r,u,a+1),n(r,d,a+1)}};this.traverseBuffer=r=>{if(i)throw new Error("BVHTraversalHelper: cannot start a traversal during an active traversal.");i=!0;try{n(r,0,0)}finally{i=!1}},this.traverse=r=>{this.traverseBuffer((o,a,l)=>{if(a){let c=l*2,h=t[l+6],u=e[c+14];return r(o,a,new Float32Array(s,l*4,6),h,u)}else{let c=Xs(l,t);return r(o,a,new Float32Array(s,l*4,6),c)}})}}}});var up,Qs,kl,Qh=It(()=>{Ce();Pl();Ni();yn();rp();ap();cp();hp();up=new ie,Qs=new Float32Array(6),kl=class{constructor(){this._roots=null,this.primitiveBuffer=null,this.primitiveBufferStride=null}init(t){t={...Rl,...t},"maxLeafSize"in t&&(console.warn('BVH: "maxLeafSize" option has been deprecated. Use "targetLeafSize", instead.'),t={...t,targetLeafSize:t.maxLeafSize}),sp(this,t)}getRootRanges(){throw new Error("BVH: getRootRanges() not implemented")}writePrimitiveBounds(){throw new Error("BVH: writePrimitiveBounds() not implemented")}writePrimitiveRangeBounds(t,e,i,n){let r=1/0,o=1/0,a=1/0,l=-1/0,c=-1/0,h=-1/0;for(let u=t,d=t+e;u<d;u++){this.writePrimitiveBounds(u,Qs,0);let[f,m,y,p,_,x]=Qs;f<r&&(r=f),p>l&&(l=p),m<o&&(o=m),_>c&&(c=_),y<a&&(a=y),x>h&&(h=x)}return i[n+0]=r,i[n+1]=o,i[n+2]=a,i[n+3]=l,i[n+4]=c,i[n+5]=h,i}computePrimitiveBounds(t,e,i){let n=i.offset||0;for(let r=t,o=t+e;r<o;r++){this.writePrimitiveBounds(r,Qs,0);let[a,l,c,h,u,d]=Qs,f=(a+h)/2,m=(l+u)/2,y=(c+d)/2,p=(h-a)/2,_=(u-l)/2,x=(d-c)/2,S=(r-n)*6;i[S+0]=f,i[S+1]=p+(Math.abs(f)+p)*qs,i[S+2]=m,i[S+3]=_+(Math.abs(m)+_)*qs,i[S+4]=y,i[S+5]=x+(Math.abs(y)+x)*qs}return i}shiftPrimitiveOffsets(t){let e=this._indirectBuffer;if(e)for(let i=0,n=e.length;i<n;i++)e[i]+=t;else{let i=this._roots;for(let n=0;n<i.length;n++){let r=i[n],o=new Uint32Array(r),a=new Uint16Array(r),l=r.byteLength/32;for(let c=0;c<l;c++){let h=8*c,u=2*h;te(u,a)&&(o[h+6]+=t)}}}}traverse(t,e=0){Bl.setBVH(this,e),Bl.traverse(t),Bl.reset()}refit(){let t=this._roots;for(let e=0,i=t.length;e<i;e++){let n=t[e],r=new Uint32Array(n),o=new Uint16Array(n),a=new Float32Array(n),l=n.byteLength/32;for(let c=l-1;c>=0;c--){let h=c*8,u=h*2;if(te(u,o)){let f=he(h,r),m=fe(u,o);this.writePrimitiveRangeBounds(f,m,Qs,0),a.set(Qs,h)}else{let f=re(h),m=oe(h,r);for(let y=0;y<3;y++){let p=a[f+y],_=a[f+y+3],x=a[m+y],S=a[m+y+3];a[h+y]=p<x?p:x,a[h+y+3]=_>S?_:S}}}}}getBoundingBox(t){return t.makeEmpty(),this._roots.forEach(i=>{me(0,new Float32Array(i),up),t.union(up)}),t}shapecast(t){let{boundsTraverseOrder:e,intersectsBounds:i,intersectsRange:n,intersectsPrimitive:r,scratchPrimitive:o,iterate:a}=t;if(n&&r){let u=n;n=(d,f,m,y,p)=>u(d,f,m,y,p)?!0:a(d,f,this,r,m,y,o)}else n||(r?n=(u,d,f,m)=>a(u,d,this,r,f,m,o):n=(u,d,f)=>f);let l=!1,c=0,h=this._roots;for(let u=0,d=h.length;u<d;u++){let f=h[u];if(l=op(this,u,i,n,e,c),l)break;c+=f.byteLength/32}return l}bvhcast(t,e,i){let{intersectsRanges:n}=i;return lp(this,t,e,n)}}});function dp(){return typeof SharedArrayBuffer<"u"}var fp=It(()=>{});function tu(s){return s.index?s.index.count:s.attributes.position.count}function ki(s){return tu(s)/3}function Jv(s,t=ArrayBuffer){return s>65535?new Uint32Array(new t(4*s)):new Uint16Array(new t(2*s))}function pp(s,t){if(!s.index){let e=s.attributes.position.count,i=t.useSharedArrayBuffer?SharedArrayBuffer:ArrayBuffer,n=Jv(e,i);s.setIndex(new we(n,1));for(let r=0;r<e;r++)n[r]=r}}function Kv(s,t,e){let i=tu(s)/e,n=t||s.drawRange,r=n.start/e,o=(n.start+n.count)/e,a=Math.max(0,r),l=Math.min(i,o)-a;return{offset:Math.floor(a),count:Math.floor(l)}}function jv(s,t){return s.groups.map(e=>({offset:e.start/t,count:e.count/t}))}function eu(s,t,e){let i=Kv(s,t,e),n=jv(s,e);if(!n.length)return[i];let r=[],o=i.offset,a=i.offset+i.count,l=tu(s)/e,c=[];for(let d of n){let{offset:f,count:m}=d,y=f,p=isFinite(m)?m:l-f,_=f+p;y<a&&_>o&&(c.push({pos:Math.max(o,y),isStart:!0}),c.push({pos:Math.min(a,_),isStart:!1}))}c.sort((d,f)=>d.pos!==f.pos?d.pos-f.pos:d.type==="end"?-1:1);let h=0,u=null;for(let d of c){let f=d.pos;h!==0&&f!==u&&r.push({offset:u,count:f-u}),h+=d.isStart?1:-1,u=f}return r}var tr=It(()=>{Ce()});function Qv(s,t){let e=s[s.length-1],i=e.offset+e.count>2**16,n=s.reduce((c,h)=>c+h.count,0),r=i?4:2,o=t?new SharedArrayBuffer(n*r):new ArrayBuffer(n*r),a=i?new Uint32Array(o):new Uint16Array(o),l=0;for(let c=0;c<s.length;c++){let{offset:h,count:u}=s[c];for(let d=0;d<u;d++)a[l+d]=h+d;l+=u}return a}var zl,nu=It(()=>{Ce();Pl();fp();tr();Qh();zl=class extends kl{get indirect(){return!!this._indirectBuffer}get primitiveStride(){return null}get primitiveBufferStride(){return this.indirect?1:this.primitiveStride}set primitiveBufferStride(t){}get primitiveBuffer(){return this.indirect?this._indirectBuffer:this.geometry.index.array}set primitiveBuffer(t){}constructor(t,e={}){if(t.isBufferGeometry){if(t.index&&t.index.isInterleavedBufferAttribute)throw new Error("BVH: InterleavedBufferAttribute is not supported for the index attribute.")}else throw new Error("BVH: Only BufferGeometries are supported.");if(e.useSharedArrayBuffer&&!dp())throw new Error("BVH: SharedArrayBuffer is not available.");super(),this.geometry=t,this.resolvePrimitiveIndex=e.indirect?i=>this._indirectBuffer[i]:i=>i,this.primitiveBuffer=null,this.primitiveBufferStride=null,this._indirectBuffer=null,e={...Rl,...e},e[oo]||this.init(e)}init(t){let{geometry:e,primitiveStride:i}=this;if(t.indirect){let n=eu(e,t.range,i),r=Qv(n,t.useSharedArrayBuffer);this._indirectBuffer=r}else pp(e,t);super.init(t),!e.boundingBox&&t.setBoundingBox&&(e.boundingBox=this.getBoundingBox(new ie))}getRootRanges(t){return this.indirect?[{offset:0,count:this._indirectBuffer.length}]:eu(this.geometry,t,this.primitiveStride)}raycastObject3D(){throw new Error("BVH: raycastObject3D() not implemented")}}});var Cn,iu=It(()=>{Ce();Cn=class{constructor(){this.min=1/0,this.max=-1/0}setFromPointsField(t,e){let i=1/0,n=-1/0;for(let r=0,o=t.length;r<o;r++){let l=t[r][e];i=l<i?l:i,n=l>n?l:n}this.min=i,this.max=n}setFromPoints(t,e){let i=1/0,n=-1/0;for(let r=0,o=e.length;r<o;r++){let a=e[r],l=t.dot(a);i=l<i?l:i,n=l>n?l:n}this.min=i,this.max=n}isSeparated(t){return this.min>t.max||t.min>this.max}};Cn.prototype.setFromBox=(function(){let s=new R;return function(e,i){let n=i.min,r=i.max,o=1/0,a=-1/0;for(let l=0;l<=1;l++)for(let c=0;c<=1;c++)for(let h=0;h<=1;h++){s.x=n.x*l+r.x*(1-l),s.y=n.y*c+r.y*(1-c),s.z=n.z*h+r.z*(1-h);let u=e.dot(s);o=Math.min(u,o),a=Math.max(u,a)}this.min=o,this.max=a}})()});var tS,co,mp,su=It(()=>{Ce();tS=(function(){let s=new R,t=new R,e=new R;return function(n,r,o){let a=n.start,l=s,c=r.start,h=t;e.subVectors(a,c),s.subVectors(n.end,n.start),t.subVectors(r.end,r.start);let u=e.dot(h),d=h.dot(l),f=h.dot(h),m=e.dot(l),p=l.dot(l)*f-d*d,_,x;p!==0?_=(u*d-m*f)/p:_=0,x=(u+_*d)/f,o.x=_,o.y=x}})(),co=(function(){let s=new ht,t=new R,e=new R;return function(n,r,o,a){tS(n,r,s);let l=s.x,c=s.y;if(l>=0&&l<=1&&c>=0&&c<=1){n.at(l,o),r.at(c,a);return}else if(l>=0&&l<=1){c<0?r.at(0,a):r.at(1,a),n.closestPointToPoint(a,!0,o);return}else if(c>=0&&c<=1){l<0?n.at(0,o):n.at(1,o),r.closestPointToPoint(o,!0,a);return}else{let h;l<0?h=n.start:h=n.end;let u;c<0?u=r.start:u=r.end;let d=t,f=e;if(n.closestPointToPoint(u,!0,t),r.closestPointToPoint(h,!0,e),d.distanceToSquared(u)<=f.distanceToSquared(h)){o.copy(d),a.copy(u);return}else{o.copy(h),a.copy(f);return}}}})(),mp=(function(){let s=new R,t=new R,e=new Xe,i=new dn;return function(r,o){let{radius:a,center:l}=r,{a:c,b:h,c:u}=o;if(i.start=c,i.end=h,i.closestPointToPoint(l,!0,s).distanceTo(l)<=a||(i.start=c,i.end=u,i.closestPointToPoint(l,!0,s).distanceTo(l)<=a)||(i.start=h,i.end=u,i.closestPointToPoint(l,!0,s).distanceTo(l)<=a))return!0;let y=o.getPlane(e);if(Math.abs(y.distanceToPoint(l))<=a){let _=y.projectPoint(l,t);if(o.containsPoint(_))return!0}return!1}})()});function Un(s){return Math.abs(s)<xi}var eS,xi,gp,Ze,er=It(()=>{Ce();iu();su();eS=["x","y","z"],xi=1e-15,gp=xi*xi;Ze=class extends nn{constructor(...t){super(...t),this.isExtendedTriangle=!0,this.satAxes=new Array(4).fill().map(()=>new R),this.satBounds=new Array(4).fill().map(()=>new Cn),this.points=[this.a,this.b,this.c],this.plane=new Xe,this.isDegenerateIntoSegment=!1,this.isDegenerateIntoPoint=!1,this.degenerateSegment=new dn,this.needsUpdate=!0}intersectsSphere(t){return mp(t,this)}update(){let t=this.a,e=this.b,i=this.c,n=this.points,r=this.satAxes,o=this.satBounds,a=r[0],l=o[0];this.getNormal(a),l.setFromPoints(a,n);let c=r[1],h=o[1];c.subVectors(t,e),h.setFromPoints(c,n);let u=r[2],d=o[2];u.subVectors(e,i),d.setFromPoints(u,n);let f=r[3],m=o[3];f.subVectors(i,t),m.setFromPoints(f,n);let y=c.length(),p=u.length(),_=f.length();this.isDegenerateIntoPoint=!1,this.isDegenerateIntoSegment=!1,y<xi?p<xi||_<xi?this.isDegenerateIntoPoint=!0:(this.isDegenerateIntoSegment=!0,this.degenerateSegment.start.copy(t),this.degenerateSegment.end.copy(i)):p<xi?_<xi?this.isDegenerateIntoPoint=!0:(this.isDegenerateIntoSegment=!0,this.degenerateSegment.start.copy(e),this.degenerateSegment.end.copy(t)):_<xi&&(this.isDegenerateIntoSegment=!0,this.degenerateSegment.start.copy(i),this.degenerateSegment.end.copy(e)),this.plane.setFromNormalAndCoplanarPoint(a,t),this.needsUpdate=!1}};Ze.prototype.closestPointToSegment=(function(){let s=new R,t=new R,e=new dn;return function(n,r=null,o=null){this.needsUpdate&&this.update();let{start:a,end:l}=n,c=this.points,h,u=1/0,d=this.plane.distanceToPoint(a),f=this.plane.distanceToPoint(l);if(d*f<0&&this.plane.intersectLine(n,s)!==null&&this.containsPoint(s))return r&&r.copy(s),o&&o.copy(s),0;for(let m=0;m<3;m++){let y=(m+1)%3;e.start.copy(c[m]),e.end.copy(c[y]),co(e,n,s,t),h=s.distanceToSquared(t),h<u&&(u=h,r&&r.copy(s),o&&o.copy(t))}return this.closestPointToPoint(a,s),h=a.distanceToSquared(s),h<u&&(u=h,r&&r.copy(s),o&&o.copy(a)),this.closestPointToPoint(l,s),h=l.distanceToSquared(s),h<u&&(u=h,r&&r.copy(s),o&&o.copy(l)),Math.sqrt(u)}})();Ze.prototype.intersectsTriangle=(function(){let s=new Ze,t=new Cn,e=new Cn,i=new R,n=new R,r=new R,o=new R,a=new dn,l=new dn,c=new R,h=new ht,u=new ht;function d(S,v,M,w){let g=i;!S.isDegenerateIntoPoint&&!S.isDegenerateIntoSegment?g.copy(S.plane.normal):g.copy(v.plane.normal);let b=S.satBounds,C=S.satAxes;for(let I=1;I<4;I++){let U=b[I],L=C[I];if(t.setFromPoints(L,v.points),U.isSeparated(t)||(o.copy(g).cross(L),t.setFromPoints(o,S.points),e.setFromPoints(o,v.points),t.isSeparated(e)))return!1}let T=v.satBounds,P=v.satAxes;for(let I=1;I<4;I++){let U=T[I],L=P[I];if(t.setFromPoints(L,S.points),U.isSeparated(t)||(o.crossVectors(g,L),t.setFromPoints(o,S.points),e.setFromPoints(o,v.points),t.isSeparated(e)))return!1}return M&&(w||console.warn("ExtendedTriangle.intersectsTriangle: Triangles are coplanar which does not support an output edge. Setting edge to 0, 0, 0."),M.start.set(0,0,0),M.end.set(0,0,0)),!0}function f(S,v,M,w,g,b,C,T,P,I,U){let L=C/(C-T);I.x=w+(g-w)*L,U.start.subVectors(v,S).multiplyScalar(L).add(S),L=C/(C-P),I.y=w+(b-w)*L,U.end.subVectors(M,S).multiplyScalar(L).add(S)}function m(S,v,M,w,g,b,C,T,P,I,U){if(g>0)f(S.c,S.a,S.b,w,v,M,P,C,T,I,U);else if(b>0)f(S.b,S.a,S.c,M,v,w,T,C,P,I,U);else if(T*P>0||C!=0)f(S.a,S.b,S.c,v,M,w,C,T,P,I,U);else if(T!=0)f(S.b,S.a,S.c,M,v,w,T,C,P,I,U);else if(P!=0)f(S.c,S.a,S.b,w,v,M,P,C,T,I,U);else return!0;return!1}function y(S,v,M,w){let g=v.degenerateSegment,b=S.plane.distanceToPoint(g.start),C=S.plane.distanceToPoint(g.end);return Un(b)?Un(C)?d(S,v,M,w):(M&&(M.start.copy(g.start),M.end.copy(g.start)),S.containsPoint(g.start)):Un(C)?(M&&(M.start.copy(g.end),M.end.copy(g.end)),S.containsPoint(g.end)):S.plane.intersectLine(g,i)!=null?(M&&(M.start.copy(i),M.end.copy(i)),S.containsPoint(i)):!1}function p(S,v,M){let w=v.a;return Un(S.plane.distanceToPoint(w))&&S.containsPoint(w)?(M&&(M.start.copy(w),M.end.copy(w)),!0):!1}function _(S,v,M){let w=S.degenerateSegment,g=v.a;return w.closestPointToPoint(g,!0,i),g.distanceToSquared(i)<gp?(M&&(M.start.copy(g),M.end.copy(g)),!0):!1}function x(S,v,M,w){if(S.isDegenerateIntoSegment)if(v.isDegenerateIntoSegment){let g=S.degenerateSegment,b=v.degenerateSegment,C=n,T=r;g.delta(C),b.delta(T);let P=i.subVectors(b.start,g.start),I=C.x*T.y-C.y*T.x;if(Un(I))return!1;let U=(P.x*T.y-P.y*T.x)/I,L=-(C.x*P.y-C.y*P.x)/I;if(U<0||U>1||L<0||L>1)return!1;let k=g.start.z+C.z*U,H=b.start.z+T.z*L;return Un(k-H)?(M&&(M.start.copy(g.start).addScaledVector(C,U),M.end.copy(g.start).addScaledVector(C,U)),!0):!1}else return v.isDegenerateIntoPoint?_(S,v,M):y(v,S,M,w);else{if(S.isDegenerateIntoPoint)return v.isDegenerateIntoPoint?v.a.distanceToSquared(S.a)<gp?(M&&(M.start.copy(S.a),M.end.copy(S.a)),!0):!1:v.isDegenerateIntoSegment?_(v,S,M):p(v,S,M);if(v.isDegenerateIntoPoint)return p(S,v,M);if(v.isDegenerateIntoSegment)return y(S,v,M,w)}}return function(v,M=null,w=!1){this.needsUpdate&&this.update(),v.isExtendedTriangle?v.needsUpdate&&v.update():(s.copy(v),s.update(),v=s);let g=x(this,v,M,w);if(g!==void 0)return g;let b=this.plane,C=v.plane,T=C.distanceToPoint(this.a),P=C.distanceToPoint(this.b),I=C.distanceToPoint(this.c);Un(T)&&(T=0),Un(P)&&(P=0),Un(I)&&(I=0);let U=T*P,L=T*I;if(U>0&&L>0)return!1;let k=b.distanceToPoint(v.a),H=b.distanceToPoint(v.b),q=b.distanceToPoint(v.c);Un(k)&&(k=0),Un(H)&&(H=0),Un(q)&&(q=0);let it=k*H,Y=k*q;if(it>0&&Y>0)return!1;n.copy(b.normal),r.copy(C.normal);let Z=n.cross(r),nt=0,Mt=Math.abs(Z.x),Ft=Math.abs(Z.y);Ft>Mt&&(Mt=Ft,nt=1),Math.abs(Z.z)>Mt&&(nt=2);let at=eS[nt],bt=this.a[at],Ct=this.b[at],gt=this.c[at],Nt=v.a[at],_e=v.b[at],Rt=v.c[at];if(m(this,bt,Ct,gt,U,L,T,P,I,h,a))return d(this,v,M,w);if(m(v,Nt,_e,Rt,it,Y,k,H,q,u,l))return d(this,v,M,w);if(h.y<h.x){let qt=h.y;h.y=h.x,h.x=qt,c.copy(a.start),a.start.copy(a.end),a.end.copy(c)}if(u.y<u.x){let qt=u.y;u.y=u.x,u.x=qt,c.copy(l.start),l.start.copy(l.end),l.end.copy(c)}return h.y<u.x||u.y<h.x?!1:(M&&(u.x>h.x?M.start.copy(l.start):M.start.copy(a.start),u.y<h.y?M.end.copy(l.end):M.end.copy(a.end)),!0)}})();Ze.prototype.distanceToPoint=(function(){let s=new R;return function(e){return this.closestPointToPoint(e,s),e.distanceTo(s)}})();Ze.prototype.distanceToTriangle=(function(){let s=new R,t=new R,e=["a","b","c"],i=new dn,n=new dn;return function(o,a=null,l=null){let c=a||l?i:null;if(this.intersectsTriangle(o,c,!0))return(a||l)&&(a&&c.getCenter(a),l&&c.getCenter(l)),0;let h=1/0;for(let u=0;u<3;u++){let d,f=e[u],m=o[f];this.closestPointToPoint(m,s),d=m.distanceToSquared(s),d<h&&(h=d,a&&a.copy(s),l&&l.copy(m));let y=this[f];o.closestPointToPoint(y,s),d=y.distanceToSquared(s),d<h&&(h=d,a&&a.copy(y),l&&l.copy(s))}for(let u=0;u<3;u++){let d=e[u],f=e[(u+1)%3];i.set(this[d],this[f]);for(let m=0;m<3;m++){let y=e[m],p=e[(m+1)%3];n.set(o[y],o[p]),co(i,n,s,t);let _=s.distanceToSquared(t);_<h&&(h=_,a&&a.copy(s),l&&l.copy(t))}}return Math.sqrt(h)}})()});var Re,ss=It(()=>{Ce();iu();er();su();Re=class{constructor(t,e,i){this.isOrientedBox=!0,this.min=new R,this.max=new R,this.matrix=new kt,this.invMatrix=new kt,this.points=new Array(8).fill().map(()=>new R),this.satAxes=new Array(3).fill().map(()=>new R),this.satBounds=new Array(3).fill().map(()=>new Cn),this.alignedSatBounds=new Array(3).fill().map(()=>new Cn),this.needsUpdate=!1,t&&this.min.copy(t),e&&this.max.copy(e),i&&this.matrix.copy(i)}set(t,e,i){this.min.copy(t),this.max.copy(e),this.matrix.copy(i),this.needsUpdate=!0}copy(t){this.min.copy(t.min),this.max.copy(t.max),this.matrix.copy(t.matrix),this.needsUpdate=!0}};Re.prototype.update=(function(){return function(){let t=this.matrix,e=this.min,i=this.max,n=this.points;for(let c=0;c<=1;c++)for(let h=0;h<=1;h++)for(let u=0;u<=1;u++){let d=1*c|2*h|4*u,f=n[d];f.x=c?i.x:e.x,f.y=h?i.y:e.y,f.z=u?i.z:e.z,f.applyMatrix4(t)}let r=this.satBounds,o=this.satAxes,a=n[0];for(let c=0;c<3;c++){let h=o[c],u=r[c],d=1<<c,f=n[d];h.subVectors(a,f),u.setFromPoints(h,n)}let l=this.alignedSatBounds;l[0].setFromPointsField(n,"x"),l[1].setFromPointsField(n,"y"),l[2].setFromPointsField(n,"z"),this.invMatrix.copy(this.matrix).invert(),this.needsUpdate=!1}})();Re.prototype.intersectsBox=(function(){let s=new Cn;return function(e){this.needsUpdate&&this.update();let i=e.min,n=e.max,r=this.satBounds,o=this.satAxes,a=this.alignedSatBounds;if(s.min=i.x,s.max=n.x,a[0].isSeparated(s)||(s.min=i.y,s.max=n.y,a[1].isSeparated(s))||(s.min=i.z,s.max=n.z,a[2].isSeparated(s)))return!1;for(let l=0;l<3;l++){let c=o[l],h=r[l];if(s.setFromBox(c,e),h.isSeparated(s))return!1}return!0}})();Re.prototype.intersectsTriangle=(function(){let s=new Ze,t=new Array(3),e=new Cn,i=new Cn,n=new R;return function(o){this.needsUpdate&&this.update(),o.isExtendedTriangle?o.needsUpdate&&o.update():(s.copy(o),s.update(),o=s);let a=this.satBounds,l=this.satAxes;t[0]=o.a,t[1]=o.b,t[2]=o.c;for(let d=0;d<3;d++){let f=a[d],m=l[d];if(e.setFromPoints(m,t),f.isSeparated(e))return!1}let c=o.satBounds,h=o.satAxes,u=this.points;for(let d=0;d<3;d++){let f=c[d],m=h[d];if(e.setFromPoints(m,u),f.isSeparated(e))return!1}for(let d=0;d<3;d++){let f=l[d];for(let m=0;m<4;m++){let y=h[m];if(n.crossVectors(f,y),e.setFromPoints(n,t),i.setFromPoints(n,u),e.isSeparated(i))return!1}}return!0}})();Re.prototype.closestPointToPoint=(function(){return function(t,e){return this.needsUpdate&&this.update(),e.copy(t).applyMatrix4(this.invMatrix).clamp(this.min,this.max).applyMatrix4(this.matrix),e}})();Re.prototype.distanceToPoint=(function(){let s=new R;return function(e){return this.closestPointToPoint(e,s),e.distanceTo(s)}})();Re.prototype.distanceToBox=(function(){let s=["x","y","z"],t=new Array(12).fill().map(()=>new dn),e=new Array(12).fill().map(()=>new dn),i=new R,n=new R;return function(o,a=0,l=null,c=null){if(this.needsUpdate&&this.update(),this.intersectsBox(o))return(l||c)&&(o.getCenter(n),this.closestPointToPoint(n,i),o.closestPointToPoint(i,n),l&&l.copy(i),c&&c.copy(n)),0;let h=a*a,u=o.min,d=o.max,f=this.points,m=1/0;for(let p=0;p<8;p++){let _=f[p];n.copy(_).clamp(u,d);let x=_.distanceToSquared(n);if(x<m&&(m=x,l&&l.copy(_),c&&c.copy(n),x<h))return Math.sqrt(x)}let y=0;for(let p=0;p<3;p++)for(let _=0;_<=1;_++)for(let x=0;x<=1;x++){let S=(p+1)%3,v=(p+2)%3,M=_<<S|x<<v,w=1<<p|_<<S|x<<v,g=f[M],b=f[w];t[y].set(g,b);let T=s[p],P=s[S],I=s[v],U=e[y],L=U.start,k=U.end;L[T]=u[T],L[P]=_?u[P]:d[P],L[I]=x?u[I]:d[I],k[T]=d[T],k[P]=_?u[P]:d[P],k[I]=x?u[I]:d[I],y++}for(let p=0;p<=1;p++)for(let _=0;_<=1;_++)for(let x=0;x<=1;x++){n.x=p?d.x:u.x,n.y=_?d.y:u.y,n.z=x?d.z:u.z,this.closestPointToPoint(n,i);let S=n.distanceToSquared(i);if(S<m&&(m=S,l&&l.copy(i),c&&c.copy(n),S<h))return Math.sqrt(S)}for(let p=0;p<12;p++){let _=t[p];for(let x=0;x<12;x++){let S=e[x];co(_,S,i,n);let v=i.distanceToSquared(n);if(v<m&&(m=v,l&&l.copy(i),c&&c.copy(n),v<h))return Math.sqrt(v)}}return Math.sqrt(m)}})()});var ru,pn,Vl=It(()=>{er();Ul();ru=class extends Fi{constructor(){super(()=>new Ze)}},pn=new ru});function _p(s,t,e={},i=0,n=1/0){let r=i*i,o=n*n,a=1/0,l=null;if(s.shapecast({boundsTraverseOrder:h=>(ho.copy(t).clamp(h.min,h.max),ho.distanceToSquared(t)),intersectsBounds:(h,u,d)=>d<a&&d<o,intersectsTriangle:(h,u)=>{h.closestPointToPoint(t,ho);let d=t.distanceToSquared(ho);return d<a&&(ou.copy(ho),a=d,l=u),d<r}}),a===1/0)return null;let c=Math.sqrt(a);return e.point?e.point.copy(ou):e.point=ou.clone(),e.distance=c,e.faceIndex=l,e}var ho,ou,xp=It(()=>{Ce();ho=new R,ou=new R});function iS(s,t,e,i,n,r,o,a){let l;if(r===$e?l=s.intersectTriangle(i,e,t,!0,n):l=s.intersectTriangle(t,e,i,r!==fn,n),l===null)return null;let c=s.origin.distanceTo(n);return c<o||c>a?null:{distance:c,point:n.clone()}}function bp(s,t,e,i,n,r,o,a,l,c,h){rs.fromBufferAttribute(t,r),os.fromBufferAttribute(t,o),as.fromBufferAttribute(t,a);let u=iS(s,rs,os,as,uo,l,c,h);if(u){if(i){Gl.fromBufferAttribute(i,r),Wl.fromBufferAttribute(i,o),ql.fromBufferAttribute(i,a),u.uv=new ht;let f=nn.getInterpolation(uo,rs,os,as,Gl,Wl,ql,u.uv);Hl||(u.uv=f)}if(n){Gl.fromBufferAttribute(n,r),Wl.fromBufferAttribute(n,o),ql.fromBufferAttribute(n,a),u.uv1=new ht;let f=nn.getInterpolation(uo,rs,os,as,Gl,Wl,ql,u.uv1);Hl||(u.uv1=f),nS&&(u.uv2=u.uv1)}if(e){yp.fromBufferAttribute(e,r),vp.fromBufferAttribute(e,o),Sp.fromBufferAttribute(e,a),u.normal=new R;let f=nn.getInterpolation(uo,rs,os,as,yp,vp,Sp,u.normal);u.normal.dot(s.direction)>0&&u.normal.multiplyScalar(-1),Hl||(u.normal=f)}let d={a:r,b:o,c:a,normal:new R,materialIndex:0};if(nn.getNormal(rs,os,as,d.normal),u.face=d,u.faceIndex=r,Hl){let f=new R;nn.getBarycoord(uo,rs,os,as,f),u.barycoord=f}}return u}function Mp(s){return s&&s.isMaterial?s.side:s}function nr(s,t,e,i,n,r,o){let a=i*3,l=a+0,c=a+1,h=a+2,{index:u,groups:d}=s;s.index&&(l=u.getX(l),c=u.getX(c),h=u.getX(h));let{position:f,normal:m,uv:y,uv1:p}=s.attributes;if(Array.isArray(t)){let _=i*3;for(let x=0,S=d.length;x<S;x++){let{start:v,count:M,materialIndex:w}=d[x];if(_>=v&&_<v+M){let g=Mp(t[w]),b=bp(e,f,m,y,p,l,c,h,g,r,o);if(b)if(b.faceIndex=i,b.face.materialIndex=w,n)n.push(b);else return b}}}else{let _=Mp(t),x=bp(e,f,m,y,p,l,c,h,_,r,o);if(x)if(x.faceIndex=i,x.face.materialIndex=0,n)n.push(x);else return x}return null}var Hl,nS,rs,os,as,Gl,Wl,ql,yp,vp,Sp,uo,au=It(()=>{Ce();Hl=parseInt("187")>=169,nS=parseInt("187")<=161,rs=new R,os=new R,as=new R,Gl=new ht,Wl=new ht,ql=new ht,yp=new R,vp=new R,Sp=new R,uo=new R});function ge(s,t,e,i){let n=s.a,r=s.b,o=s.c,a=t,l=t+1,c=t+2;e&&(a=e.getX(a),l=e.getX(l),c=e.getX(c)),n.x=i.getX(a),n.y=i.getY(a),n.z=i.getZ(a),r.x=i.getX(l),r.y=i.getY(l),r.z=i.getZ(l),o.x=i.getX(c),o.y=i.getY(c),o.z=i.getZ(c)}var zi=It(()=>{});function wp(s,t,e,i,n,r,o,a){let{geometry:l,_indirectBuffer:c}=s;for(let h=i,u=i+n;h<u;h++)nr(l,t,e,h,r,o,a)}function Tp(s,t,e,i,n,r,o){let{geometry:a,_indirectBuffer:l}=s,c=1/0,h=null;for(let u=i,d=i+n;u<d;u++){let f;f=nr(a,t,e,u,null,r,o),f&&f.distance<c&&(h=f,c=f.distance)}return h}function Ep(s,t,e,i,n,r,o){let{geometry:a}=e,{index:l}=a,c=a.attributes.position;for(let h=s,u=t+s;h<u;h++){let d;if(d=h,ge(o,d*3,l,c),o.needsUpdate=!0,i(o,d,n,r))return!0}return!1}var Xl=It(()=>{au();zi()});function Ap(s,t=null){t&&Array.isArray(t)&&(t=new Set(t));let e=s.geometry,i=e.index?e.index.array:null,n=e.attributes.position,r,o,a,l,c=0,h=s._roots;for(let d=0,f=h.length;d<f;d++)r=h[d],o=new Uint32Array(r),a=new Uint16Array(r),l=new Float32Array(r),u(0,c),c+=r.byteLength;function u(d,f,m=!1){let y=d*2;if(te(y,a)){let p=he(d,o),_=fe(y,a),x=1/0,S=1/0,v=1/0,M=-1/0,w=-1/0,g=-1/0;for(let b=3*p,C=3*(p+_);b<C;b++){let T=i[b],P=n.getX(T),I=n.getY(T),U=n.getZ(T);P<x&&(x=P),P>M&&(M=P),I<S&&(S=I),I>w&&(w=I),U<v&&(v=U),U>g&&(g=U)}return l[d+0]!==x||l[d+1]!==S||l[d+2]!==v||l[d+3]!==M||l[d+4]!==w||l[d+5]!==g?(l[d+0]=x,l[d+1]=S,l[d+2]=v,l[d+3]=M,l[d+4]=w,l[d+5]=g,!0):!1}else{let p=re(d),_=oe(d,o),x=m,S=!1,v=!1;if(t){if(!x){let T=p/8+f/32,P=_/8+f/32;S=t.has(T),v=t.has(P),x=!S&&!v}}else S=!0,v=!0;let M=x||S,w=x||v,g=!1;M&&(g=u(p,f,x));let b=!1;w&&(b=u(_,f,x));let C=g||b;if(C)for(let T=0;T<3;T++){let P=p+T,I=_+T,U=l[P],L=l[P+3],k=l[I],H=l[I+3];l[d+T]=U<k?U:k,l[d+T+3]=L>H?L:H}return C}}}var Cp=It(()=>{yn()});function on(s,t,e,i,n){let r,o,a,l,c,h,u=1/e.direction.x,d=1/e.direction.y,f=1/e.direction.z,m=e.origin.x,y=e.origin.y,p=e.origin.z,_=t[s],x=t[s+3],S=t[s+1],v=t[s+3+1],M=t[s+2],w=t[s+3+2];return u>=0?(r=(_-m)*u,o=(x-m)*u):(r=(x-m)*u,o=(_-m)*u),d>=0?(a=(S-y)*d,l=(v-y)*d):(a=(v-y)*d,l=(S-y)*d),r>l||a>o||((a>r||isNaN(r))&&(r=a),(l<o||isNaN(o))&&(o=l),f>=0?(c=(M-p)*f,h=(w-p)*f):(c=(w-p)*f,h=(M-p)*f),r>h||c>o)?!1:((c>r||r!==r)&&(r=c),(h<o||o!==o)&&(o=h),r<=n&&o>=i)}var fo=It(()=>{});function Rp(s,t,e,i,n,r,o,a){let{geometry:l,_indirectBuffer:c}=s;for(let h=i,u=i+n;h<u;h++){let d=c?c[h]:h;nr(l,t,e,d,r,o,a)}}function Pp(s,t,e,i,n,r,o){let{geometry:a,_indirectBuffer:l}=s,c=1/0,h=null;for(let u=i,d=i+n;u<d;u++){let f;f=nr(a,t,e,l?l[u]:u,null,r,o),f&&f.distance<c&&(h=f,c=f.distance)}return h}function Ip(s,t,e,i,n,r,o){let{geometry:a}=e,{index:l}=a,c=a.attributes.position;for(let h=s,u=t+s;h<u;h++){let d;if(d=e.resolveTriangleIndex(h),ge(o,d*3,l,c),o.needsUpdate=!0,i(o,d,n,r))return!0}return!1}var Yl=It(()=>{au();zi()});function Lp(s,t,e,i,n,r,o){Kt.setBuffer(s._roots[t]),on(0,Kt.float32Array,i,r,o)&&lu(0,s,e,i,n,r,o),Kt.clearBuffer()}function lu(s,t,e,i,n,r,o){let{float32Array:a,uint16Array:l,uint32Array:c}=Kt,h=s*2;if(te(h,l)){let d=he(s,c),f=fe(h,l);wp(t,e,i,d,f,n,r,o)}else{let d=re(s);on(d,a,i,r,o)&&lu(d,t,e,i,n,r,o);let f=oe(s,c);on(f,a,i,r,o)&&lu(f,t,e,i,n,r,o)}}var Dp=It(()=>{fo();yn();_i();Xl()});function Np(s,t,e,i,n,r){Kt.setBuffer(s._roots[t]);let o=null;return on(0,Kt.float32Array,i,n,r)&&(o=cu(0,s,e,i,n,r)),Kt.clearBuffer(),o}function cu(s,t,e,i,n,r){let{float32Array:o,uint16Array:a,uint32Array:l}=Kt,c=s*2;if(te(c,a)){let u=he(s,l),d=fe(c,a);return Tp(t,e,i,u,d,n,r)}else{let u=Xs(s,l),d=sS[u],m=i.direction[d]>=0,y,p;m?(y=re(s),p=oe(s,l)):(y=oe(s,l),p=re(s));let x=on(y,o,i,n,r)?cu(y,t,e,i,n,r):null;if(x){let M=x.point[d];if(m?M<=o[p+u]:M>=o[p+u+3])return x}let v=on(p,o,i,n,r)?cu(p,t,e,i,n,r):null;return x&&v?x.distance<=v.distance?x:v:x||v||null}}var sS,Up=It(()=>{yn();_i();fo();Xl();sS=["x","y","z"]});function Op(s,t,e,i){Kt.setBuffer(s._roots[t]);let n=hu(0,s,e,i);return Kt.clearBuffer(),n}function hu(s,t,e,i,n=null){let{float32Array:r,uint16Array:o,uint32Array:a}=Kt,l=s*2;if(n===null&&(e.boundingBox||e.computeBoundingBox(),Fp.set(e.boundingBox.min,e.boundingBox.max,i),n=Fp),te(l,o)){let h=t.geometry,u=h.index,d=h.attributes.position,f=e.index,m=e.attributes.position,y=he(s,a),p=fe(l,o);if(po.copy(i).invert(),e.boundsTree)return me(s,r,Zl),Zl.matrix.copy(po),Zl.needsUpdate=!0,e.boundsTree.shapecast({intersectsBounds:x=>Zl.intersectsBox(x),intersectsTriangle:x=>{x.a.applyMatrix4(i),x.b.applyMatrix4(i),x.c.applyMatrix4(i),x.needsUpdate=!0;for(let S=y*3,v=(p+y)*3;S<v;S+=3)if(ge(sr,S,u,d),sr.needsUpdate=!0,x.intersectsTriangle(sr))return!0;return!1}});{let _=ki(e);for(let x=y*3,S=(p+y)*3;x<S;x+=3){ge(ir,x,u,d),ir.a.applyMatrix4(po),ir.b.applyMatrix4(po),ir.c.applyMatrix4(po),ir.needsUpdate=!0;for(let v=0,M=_*3;v<M;v+=3)if(ge(sr,v,f,m),sr.needsUpdate=!0,ir.intersectsTriangle(sr))return!0}}}else{let h=re(s),u=oe(s,a);return me(h,r,$l),!!(n.intersectsBox($l)&&hu(h,t,e,i,n)||(me(u,r,$l),n.intersectsBox($l)&&hu(u,t,e,i,n)))}}var $l,ir,sr,po,Fp,Zl,Bp=It(()=>{Ce();ss();er();zi();Ni();yn();_i();tr();$l=new ie,ir=new Ze,sr=new Ze,po=new kt,Fp=new Re,Zl=new Re});function kp(s,t,e,i={},n={},r=0,o=1/0){t.boundingBox||t.computeBoundingBox(),uu.set(t.boundingBox.min,t.boundingBox.max,e),uu.needsUpdate=!0;let a=s.geometry,l=a.attributes.position,c=a.index,h=t.attributes.position,u=t.index,d=pn.getPrimitive(),f=pn.getPrimitive(),m=rS,y=oS,p=null,_=null;n&&(p=aS,_=lS);let x=1/0,S=null,v=null;return Jl.copy(e).invert(),mo.matrix.copy(Jl),s.shapecast({boundsTraverseOrder:M=>uu.distanceToBox(M),intersectsBounds:(M,w,g)=>g<x&&g<o?(w&&(mo.min.copy(M.min),mo.max.copy(M.max),mo.needsUpdate=!0),!0):!1,intersectsRange:(M,w)=>{if(t.boundsTree)return t.boundsTree.shapecast({boundsTraverseOrder:b=>mo.distanceToBox(b),intersectsBounds:(b,C,T)=>T<x&&T<o,intersectsRange:(b,C)=>{for(let T=b,P=b+C;T<P;T++){ge(f,3*T,u,h),f.a.applyMatrix4(e),f.b.applyMatrix4(e),f.c.applyMatrix4(e),f.needsUpdate=!0;for(let I=M,U=M+w;I<U;I++){ge(d,3*I,c,l),d.needsUpdate=!0;let L=d.distanceToTriangle(f,m,p);if(L<x&&(y.copy(m),_&&_.copy(p),x=L,S=I,v=T),L<r)return!0}}}});{let g=ki(t);for(let b=0,C=g;b<C;b++){ge(f,3*b,u,h),f.a.applyMatrix4(e),f.b.applyMatrix4(e),f.c.applyMatrix4(e),f.needsUpdate=!0;for(let T=M,P=M+w;T<P;T++){ge(d,3*T,c,l),d.needsUpdate=!0;let I=d.distanceToTriangle(f,m,p);if(I<x&&(y.copy(m),_&&_.copy(p),x=I,S=T,v=b),I<r)return!0}}}}}),pn.releasePrimitive(d),pn.releasePrimitive(f),x===1/0?null:(i.point?i.point.copy(y):i.point=y.clone(),i.distance=x,i.faceIndex=S,n&&(n.point?n.point.copy(_):n.point=_.clone(),n.point.applyMatrix4(Jl),y.applyMatrix4(Jl),n.distance=y.sub(n.point).length(),n.faceIndex=v),i)}var Jl,uu,mo,rS,oS,aS,lS,zp=It(()=>{Ce();ss();zi();tr();Vl();Jl=new kt,uu=new Re,mo=new Re,rS=new R,oS=new R,aS=new R,lS=new R});function Vp(s,t=null){t&&Array.isArray(t)&&(t=new Set(t));let e=s.geometry,i=e.index?e.index.array:null,n=e.attributes.position,r,o,a,l,c=0,h=s._roots;for(let d=0,f=h.length;d<f;d++)r=h[d],o=new Uint32Array(r),a=new Uint16Array(r),l=new Float32Array(r),u(0,c),c+=r.byteLength;function u(d,f,m=!1){let y=d*2;if(te(y,a)){let p=he(d,o),_=fe(y,a),x=1/0,S=1/0,v=1/0,M=-1/0,w=-1/0,g=-1/0;for(let b=p,C=p+_;b<C;b++){let T=3*s.resolveTriangleIndex(b);for(let P=0;P<3;P++){let I=T+P;I=i?i[I]:I;let U=n.getX(I),L=n.getY(I),k=n.getZ(I);U<x&&(x=U),U>M&&(M=U),L<S&&(S=L),L>w&&(w=L),k<v&&(v=k),k>g&&(g=k)}}return l[d+0]!==x||l[d+1]!==S||l[d+2]!==v||l[d+3]!==M||l[d+4]!==w||l[d+5]!==g?(l[d+0]=x,l[d+1]=S,l[d+2]=v,l[d+3]=M,l[d+4]=w,l[d+5]=g,!0):!1}else{let p=re(d),_=oe(d,o),x=m,S=!1,v=!1;if(t){if(!x){let T=p/8+f/32,P=_/8+f/32;S=t.has(T),v=t.has(P),x=!S&&!v}}else S=!0,v=!0;let M=x||S,w=x||v,g=!1;M&&(g=u(p,f,x));let b=!1;w&&(b=u(_,f,x));let C=g||b;if(C)for(let T=0;T<3;T++){let P=p+T,I=_+T,U=l[P],L=l[P+3],k=l[I],H=l[I+3];l[d+T]=U<k?U:k,l[d+T+3]=L>H?L:H}return C}}}var Hp=It(()=>{yn()});function Gp(s,t,e,i,n,r,o){Kt.setBuffer(s._roots[t]),on(0,Kt.float32Array,i,r,o)&&du(0,s,e,i,n,r,o),Kt.clearBuffer()}function du(s,t,e,i,n,r,o){let{float32Array:a,uint16Array:l,uint32Array:c}=Kt,h=s*2;if(te(h,l)){let d=he(s,c),f=fe(h,l);Rp(t,e,i,d,f,n,r,o)}else{let d=re(s);on(d,a,i,r,o)&&du(d,t,e,i,n,r,o);let f=oe(s,c);on(f,a,i,r,o)&&du(f,t,e,i,n,r,o)}}var Wp=It(()=>{fo();yn();_i();Yl()});function qp(s,t,e,i,n,r){Kt.setBuffer(s._roots[t]);let o=null;return on(0,Kt.float32Array,i,n,r)&&(o=fu(0,s,e,i,n,r)),Kt.clearBuffer(),o}function fu(s,t,e,i,n,r){let{float32Array:o,uint16Array:a,uint32Array:l}=Kt,c=s*2;if(te(c,a)){let u=he(s,l),d=fe(c,a);return Pp(t,e,i,u,d,n,r)}else{let u=Xs(s,l),d=cS[u],m=i.direction[d]>=0,y,p;m?(y=re(s),p=oe(s,l)):(y=oe(s,l),p=re(s));let x=on(y,o,i,n,r)?fu(y,t,e,i,n,r):null;if(x){let M=x.point[d];if(m?M<=o[p+u]:M>=o[p+u+3])return x}let v=on(p,o,i,n,r)?fu(p,t,e,i,n,r):null;return x&&v?x.distance<=v.distance?x:v:x||v||null}}var cS,Xp=It(()=>{yn();_i();fo();Yl();cS=["x","y","z"]});function $p(s,t,e,i){Kt.setBuffer(s._roots[t]);let n=pu(0,s,e,i);return Kt.clearBuffer(),n}function pu(s,t,e,i,n=null){let{float32Array:r,uint16Array:o,uint32Array:a}=Kt,l=s*2;if(n===null&&(e.boundingBox||e.computeBoundingBox(),Yp.set(e.boundingBox.min,e.boundingBox.max,i),n=Yp),te(l,o)){let h=t.geometry,u=h.index,d=h.attributes.position,f=e.index,m=e.attributes.position,y=he(s,a),p=fe(l,o);if(go.copy(i).invert(),e.boundsTree)return me(s,r,jl),jl.matrix.copy(go),jl.needsUpdate=!0,e.boundsTree.shapecast({intersectsBounds:x=>jl.intersectsBox(x),intersectsTriangle:x=>{x.a.applyMatrix4(i),x.b.applyMatrix4(i),x.c.applyMatrix4(i),x.needsUpdate=!0;for(let S=y,v=p+y;S<v;S++)if(ge(or,3*t.resolveTriangleIndex(S),u,d),or.needsUpdate=!0,x.intersectsTriangle(or))return!0;return!1}});{let _=ki(e);for(let x=y,S=p+y;x<S;x++){let v=t.resolveTriangleIndex(x);ge(rr,3*v,u,d),rr.a.applyMatrix4(go),rr.b.applyMatrix4(go),rr.c.applyMatrix4(go),rr.needsUpdate=!0;for(let M=0,w=_*3;M<w;M+=3)if(ge(or,M,f,m),or.needsUpdate=!0,rr.intersectsTriangle(or))return!0}}}else{let h=re(s),u=oe(s,a);return me(h,r,Kl),!!(n.intersectsBox(Kl)&&pu(h,t,e,i,n)||(me(u,r,Kl),n.intersectsBox(Kl)&&pu(u,t,e,i,n)))}}var Kl,rr,or,go,Yp,jl,Zp=It(()=>{Ce();ss();er();zi();Ni();yn();_i();tr();Kl=new ie,rr=new Ze,or=new Ze,go=new kt,Yp=new Re,jl=new Re});function Jp(s,t,e,i={},n={},r=0,o=1/0){t.boundingBox||t.computeBoundingBox(),mu.set(t.boundingBox.min,t.boundingBox.max,e),mu.needsUpdate=!0;let a=s.geometry,l=a.attributes.position,c=a.index,h=t.attributes.position,u=t.index,d=pn.getPrimitive(),f=pn.getPrimitive(),m=hS,y=uS,p=null,_=null;n&&(p=dS,_=fS);let x=1/0,S=null,v=null;return Ql.copy(e).invert(),_o.matrix.copy(Ql),s.shapecast({boundsTraverseOrder:M=>mu.distanceToBox(M),intersectsBounds:(M,w,g)=>g<x&&g<o?(w&&(_o.min.copy(M.min),_o.max.copy(M.max),_o.needsUpdate=!0),!0):!1,intersectsRange:(M,w)=>{if(t.boundsTree){let g=t.boundsTree;return g.shapecast({boundsTraverseOrder:b=>_o.distanceToBox(b),intersectsBounds:(b,C,T)=>T<x&&T<o,intersectsRange:(b,C)=>{for(let T=b,P=b+C;T<P;T++){let I=g.resolveTriangleIndex(T);ge(f,3*I,u,h),f.a.applyMatrix4(e),f.b.applyMatrix4(e),f.c.applyMatrix4(e),f.needsUpdate=!0;for(let U=M,L=M+w;U<L;U++){let k=s.resolveTriangleIndex(U);ge(d,3*k,c,l),d.needsUpdate=!0;let H=d.distanceToTriangle(f,m,p);if(H<x&&(y.copy(m),_&&_.copy(p),x=H,S=U,v=T),H<r)return!0}}}})}else{let g=ki(t);for(let b=0,C=g;b<C;b++){ge(f,3*b,u,h),f.a.applyMatrix4(e),f.b.applyMatrix4(e),f.c.applyMatrix4(e),f.needsUpdate=!0;for(let T=M,P=M+w;T<P;T++){let I=s.resolveTriangleIndex(T);ge(d,3*I,c,l),d.needsUpdate=!0;let U=d.distanceToTriangle(f,m,p);if(U<x&&(y.copy(m),_&&_.copy(p),x=U,S=T,v=b),U<r)return!0}}}}}),pn.releasePrimitive(d),pn.releasePrimitive(f),x===1/0?null:(i.point?i.point.copy(y):i.point=y.clone(),i.distance=x,i.faceIndex=S,n&&(n.point?n.point.copy(_):n.point=_.clone(),n.point.applyMatrix4(Ql),y.applyMatrix4(Ql),n.distance=y.sub(n.point).length(),n.faceIndex=v),i)}var Ql,mu,_o,hS,uS,dS,fS,Kp=It(()=>{Ce();ss();zi();tr();Vl();Ql=new kt,mu=new Re,_o=new Re,hS=new R,uS=new R,dS=new R,fS=new R});function gu(s,t,e){return s===null?null:(s.point.applyMatrix4(t.matrixWorld),s.distance=s.point.distanceTo(e.ray.origin),s.object=t,s)}var jp=It(()=>{});var tc,ec,Qp,tm,em,_u,nc,nm=It(()=>{Ce();Pl();ss();Vl();xp();yn();Xl();Cp();Dp();Up();Bp();zp();Yl();Hp();Wp();Xp();Zp();Kp();zi();jp();nu();tc=new Re,ec=new Vn,Qp=new R,tm=new kt,em=new R,_u=["getX","getY","getZ"],nc=class s extends zl{static serialize(t,e={}){e={cloneBuffers:!0,...e};let i=t.geometry,n=t._roots,r=t._indirectBuffer,o=i.getIndex(),a={version:1,roots:null,index:null,indirectBuffer:null};return e.cloneBuffers?(a.roots=n.map(l=>l.slice()),a.index=o?o.array.slice():null,a.indirectBuffer=r?r.slice():null):(a.roots=n,a.index=o?o.array:null,a.indirectBuffer=r),a}static deserialize(t,e,i={}){i={setIndex:!0,indirect:!!t.indirectBuffer,...i};let{index:n,roots:r,indirectBuffer:o}=t;t.version||(console.warn("MeshBVH.deserialize: Serialization format has been changed and will be fixed up. It is recommended to regenerate any stored serialized data."),l(r));let a=new s(e,{...i,[oo]:!0});if(a._roots=r,a._indirectBuffer=o||null,i.setIndex){let c=e.getIndex();if(c===null){let h=new we(t.index,1,!1);e.setIndex(h)}else c.array!==n&&(c.array.set(n),c.needsUpdate=!0)}return a;function l(c){for(let h=0;h<c.length;h++){let u=c[h],d=new Uint32Array(u),f=new Uint16Array(u);for(let m=0,y=u.byteLength/32;m<y;m++){let p=8*m,_=2*p;te(_,f)||(d[p+6]=d[p+6]/8-m)}}}}get primitiveStride(){return 3}get resolveTriangleIndex(){return this.resolvePrimitiveIndex}constructor(t,e={}){e.maxLeafTris&&(console.warn('MeshBVH: "maxLeafTris" option has been deprecated. Use "targetLeafSize", instead.'),e={...e,targetLeafSize:e.maxLeafTris}),super(t,e)}shiftTriangleOffsets(t){return super.shiftPrimitiveOffsets(t)}writePrimitiveBounds(t,e,i){let n=this.geometry,r=this._indirectBuffer,o=n.attributes.position,a=n.index?n.index.array:null,c=(r?r[t]:t)*3,h=c+0,u=c+1,d=c+2;a&&(h=a[h],u=a[u],d=a[d]);for(let f=0;f<3;f++){let m=o[_u[f]](h),y=o[_u[f]](u),p=o[_u[f]](d),_=m;y<_&&(_=y),p<_&&(_=p);let x=m;y>x&&(x=y),p>x&&(x=p),e[i+f]=_,e[i+f+3]=x}return e}computePrimitiveBounds(t,e,i){let n=this.geometry,r=this._indirectBuffer,o=n.attributes.position,a=n.index?n.index.array:null,l=o.normalized;if(t<0||e+t-i.offset>i.length/6)throw new Error("MeshBVH: compute triangle bounds range is invalid.");let c=o.array,h=o.offset||0,u=3;o.isInterleavedBufferAttribute&&(u=o.data.stride);let d=["getX","getY","getZ"],f=i.offset;for(let m=t,y=t+e;m<y;m++){let _=(r?r[m]:m)*3,x=(m-f)*6,S=_+0,v=_+1,M=_+2;a&&(S=a[S],v=a[v],M=a[M]),l||(S=S*u+h,v=v*u+h,M=M*u+h);for(let w=0;w<3;w++){let g,b,C;l?(g=o[d[w]](S),b=o[d[w]](v),C=o[d[w]](M)):(g=c[S+w],b=c[v+w],C=c[M+w]);let T=g;b<T&&(T=b),C<T&&(T=C);let P=g;b>P&&(P=b),C>P&&(P=C);let I=(P-T)/2,U=w*2;i[x+U+0]=T+I,i[x+U+1]=I+(Math.abs(T)+I)*qs}}return i}raycastObject3D(t,e,i=[]){let{material:n}=t;if(n===void 0)return;tm.copy(t.matrixWorld).invert(),ec.copy(e.ray).applyMatrix4(tm),em.setFromMatrixScale(t.matrixWorld),Qp.copy(ec.direction).multiply(em);let r=Qp.length(),o=e.near/r,a=e.far/r;if(e.firstHitOnly===!0){let l=this.raycastFirst(ec,n,o,a);l=gu(l,t,e),l&&i.push(l)}else{let l=this.raycast(ec,n,o,a);for(let c=0,h=l.length;c<h;c++){let u=gu(l[c],t,e);u&&i.push(u)}}return i}refit(t=null){return(this.indirect?Vp:Ap)(this,t)}raycast(t,e=Hn,i=0,n=1/0){let r=this._roots,o=[],a=this.indirect?Gp:Lp;for(let l=0,c=r.length;l<c;l++)a(this,l,e,t,o,i,n);return o}raycastFirst(t,e=Hn,i=0,n=1/0){let r=this._roots,o=null,a=this.indirect?qp:Np;for(let l=0,c=r.length;l<c;l++){let h=a(this,l,e,t,i,n);h!=null&&(o==null||h.distance<o.distance)&&(o=h)}return o}intersectsGeometry(t,e){let i=!1,n=this._roots,r=this.indirect?$p:Op;for(let o=0,a=n.length;o<a&&(i=r(this,o,t,e),!i);o++);return i}shapecast(t){let e=pn.getPrimitive(),i=super.shapecast({...t,intersectsPrimitive:t.intersectsTriangle,scratchPrimitive:e,iterate:this.indirect?Ip:Ep});return pn.releasePrimitive(e),i}bvhcast(t,e,i){let{intersectsRanges:n,intersectsTriangles:r}=i,o=pn.getPrimitive(),a=this.geometry.index,l=this.geometry.attributes.position,c=this.indirect?m=>{let y=this.resolveTriangleIndex(m);ge(o,y*3,a,l)}:m=>{ge(o,m*3,a,l)},h=pn.getPrimitive(),u=t.geometry.index,d=t.geometry.attributes.position,f=t.indirect?m=>{let y=t.resolveTriangleIndex(m);ge(h,y*3,u,d)}:m=>{ge(h,m*3,u,d)};if(r){if(!(t instanceof s))throw new Error('MeshBVH: "intersectsTriangles" callback can only be used with another MeshBVH.');let m=(y,p,_,x,S,v,M,w)=>{for(let g=_,b=_+x;g<b;g++){f(g),h.a.applyMatrix4(e),h.b.applyMatrix4(e),h.c.applyMatrix4(e),h.needsUpdate=!0;for(let C=y,T=y+p;C<T;C++)if(c(C),o.needsUpdate=!0,r(o,h,C,g,S,v,M,w))return!0}return!1};if(n){let y=n;n=function(p,_,x,S,v,M,w,g){return y(p,_,x,S,v,M,w,g)?!0:m(p,_,x,S,v,M,w,g)}}else n=m}return super.bvhcast(t,e,{intersectsRanges:n})}intersectsBox(t,e){return tc.set(t.min,t.max,e),tc.needsUpdate=!0,this.shapecast({intersectsBounds:i=>tc.intersectsBox(i),intersectsTriangle:i=>tc.intersectsTriangle(i)})}intersectsSphere(t){return this.shapecast({intersectsBounds:e=>t.intersectsBox(e),intersectsTriangle:e=>e.intersectsSphere(t)})}closestPointToGeometry(t,e,i={},n={},r=0,o=1/0){return(this.indirect?Jp:kp)(this,t,e,i,n,r,o)}closestPointToPoint(t,e={},i=0,n=1/0){return _p(this,t,e,i,n)}}});var im=It(()=>{});var sm=It(()=>{});var rm=It(()=>{});var DA,NA,om=It(()=>{DA=parseInt("187")>=169,NA=parseInt("187")<=161});var am=It(()=>{});function lm(s,t){if(this.isBatchedMesh)pS.call(this,s,t);else{let{geometry:e}=this;if(e.boundsTree)e.boundsTree.raycastObject3D(this,s,t);else{let i;if(this instanceof Ee)i=ar.Mesh;else if(this instanceof Ei)i=ar.LineSegments;else if(this instanceof Is)i=ar.LineLoop;else if(this instanceof In)i=ar.Line;else if(this instanceof Ai)i=ar.Points;else throw new Error("BVH: Fallback raycast function not found.");i.call(this,s,t)}}}function pS(s,t){if(this.boundsTrees){let e=this.boundsTrees,i=this._drawInfo||this._instanceInfo,n=this._drawRanges||this._geometryInfo,r=this.matrixWorld;Je.material=this.material,Je.geometry=this.geometry;let o=Je.geometry.boundsTree,a=Je.geometry.drawRange;Je.geometry.boundingSphere===null&&(Je.geometry.boundingSphere=new Ye);for(let l=0,c=i.length;l<c;l++){if(!this.getVisibleAt(l))continue;let h=i[l].geometryIndex;if(Je.geometry.boundsTree=e[h],this.getMatrixAt(l,Je.matrixWorld).premultiply(r),!Je.geometry.boundsTree){this.getBoundingBoxAt(h,Je.geometry.boundingBox),this.getBoundingSphereAt(h,Je.geometry.boundingSphere);let u=n[h];Je.geometry.setDrawRange(u.start,u.count)}Je.raycast(s,ic);for(let u=0,d=ic.length;u<d;u++){let f=ic[u];f.object=this,f.batchId=l,t.push(f)}ic.length=0}Je.geometry.boundsTree=o,Je.geometry.drawRange=a,Je.material=null,Je.geometry=null}else ar.BatchedMesh.call(this,s,t)}var BA,ar,Je,ic,cm=It(()=>{Ce();BA=parseInt("187")>=166,ar={Mesh:Ee.prototype.raycast,Line:In.prototype.raycast,LineSegments:Ei.prototype.raycast,LineLoop:Is.prototype.raycast,Points:Ai.prototype.raycast,BatchedMesh:Pr.prototype.raycast},Je=new Ee,ic=[]});var hm=It(()=>{});var um=It(()=>{});var dm=It(()=>{});var fm,pm=It(()=>{fm=`

// A stack of uint32 indices can can store the indices for
// a perfectly balanced tree with a depth up to 31. Lower stack
// depth gets higher performance.
//
// However not all trees are balanced. Best value to set this to
// is the trees max depth.
#ifndef BVH_STACK_DEPTH
#define BVH_STACK_DEPTH 60
#endif

#ifndef INFINITY
#define INFINITY 1e20
#endif

// Utilities
uvec4 uTexelFetch1D( usampler2D tex, uint index ) {

	uint width = uint( textureSize( tex, 0 ).x );
	uvec2 uv;
	uv.x = index % width;
	uv.y = index / width;

	return texelFetch( tex, ivec2( uv ), 0 );

}

ivec4 iTexelFetch1D( isampler2D tex, uint index ) {

	uint width = uint( textureSize( tex, 0 ).x );
	uvec2 uv;
	uv.x = index % width;
	uv.y = index / width;

	return texelFetch( tex, ivec2( uv ), 0 );

}

vec4 texelFetch1D( sampler2D tex, uint index ) {

	uint width = uint( textureSize( tex, 0 ).x );
	uvec2 uv;
	uv.x = index % width;
	uv.y = index / width;

	return texelFetch( tex, ivec2( uv ), 0 );

}

vec4 textureSampleBarycoord( sampler2D tex, vec3 barycoord, uvec3 faceIndices ) {

	return
		barycoord.x * texelFetch1D( tex, faceIndices.x ) +
		barycoord.y * texelFetch1D( tex, faceIndices.y ) +
		barycoord.z * texelFetch1D( tex, faceIndices.z );

}

void ndcToCameraRay(
	vec2 coord, mat4 cameraWorld, mat4 invProjectionMatrix,
	out vec3 rayOrigin, out vec3 rayDirection
) {

	// get camera look direction and near plane for camera clipping
	vec4 lookDirection = cameraWorld * vec4( 0.0, 0.0, - 1.0, 0.0 );
	vec4 nearVector = invProjectionMatrix * vec4( 0.0, 0.0, - 1.0, 1.0 );
	float near = abs( nearVector.z / nearVector.w );

	// get the camera direction and position from camera matrices
	vec4 origin = cameraWorld * vec4( 0.0, 0.0, 0.0, 1.0 );
	vec4 direction = invProjectionMatrix * vec4( coord, 0.5, 1.0 );
	direction /= direction.w;
	direction = cameraWorld * direction - origin;

	// slide the origin along the ray until it sits at the near clip plane position
	origin.xyz += direction.xyz * near / dot( direction, lookDirection );

	rayOrigin = origin.xyz;
	rayDirection = direction.xyz;

}
`});var mm=It(()=>{});var gm,_m=It(()=>{gm=`

#ifndef TRI_INTERSECT_EPSILON
#define TRI_INTERSECT_EPSILON 1e-5
#endif

// Raycasting
bool intersectsBounds( vec3 rayOrigin, vec3 rayDirection, vec3 boundsMin, vec3 boundsMax, out float dist ) {

	// https://www.reddit.com/r/opengl/comments/8ntzz5/fast_glsl_ray_box_intersection/
	// https://tavianator.com/2011/ray_box.html
	vec3 invDir = 1.0 / rayDirection;

	// find intersection distances for each plane
	vec3 tMinPlane = invDir * ( boundsMin - rayOrigin );
	vec3 tMaxPlane = invDir * ( boundsMax - rayOrigin );

	// get the min and max distances from each intersection
	vec3 tMinHit = min( tMaxPlane, tMinPlane );
	vec3 tMaxHit = max( tMaxPlane, tMinPlane );

	// get the furthest hit distance
	vec2 t = max( tMinHit.xx, tMinHit.yz );
	float t0 = max( t.x, t.y );

	// get the minimum hit distance
	t = min( tMaxHit.xx, tMaxHit.yz );
	float t1 = min( t.x, t.y );

	// set distance to 0.0 if the ray starts inside the box
	dist = max( t0, 0.0 );

	return t1 >= dist;

}

bool intersectsTriangle(
	vec3 rayOrigin, vec3 rayDirection, vec3 a, vec3 b, vec3 c,
	out vec3 barycoord, out vec3 norm, out float dist, out float side
) {

	// https://stackoverflow.com/questions/42740765/intersection-between-line-and-triangle-in-3d
	vec3 edge1 = b - a;
	vec3 edge2 = c - a;
	norm = cross( edge1, edge2 );

	float det = - dot( rayDirection, norm );
	float invdet = 1.0 / det;

	vec3 AO = rayOrigin - a;
	vec3 DAO = cross( AO, rayDirection );

	vec4 uvt;
	uvt.x = dot( edge2, DAO ) * invdet;
	uvt.y = - dot( edge1, DAO ) * invdet;
	uvt.z = dot( AO, norm ) * invdet;
	uvt.w = 1.0 - uvt.x - uvt.y;

	// set the hit information
	barycoord = uvt.wxy; // arranged in A, B, C order
	dist = uvt.z;
	side = sign( det );
	norm = side * normalize( norm );

	// add an epsilon to avoid misses between triangles
	uvt += vec4( TRI_INTERSECT_EPSILON );

	return all( greaterThanEqual( uvt, vec4( 0.0 ) ) );

}

bool intersectTriangles(
	// geometry info and triangle range
	sampler2D positionAttr, usampler2D indexAttr, uint offset, uint count,

	// ray
	vec3 rayOrigin, vec3 rayDirection,

	// outputs
	inout float minDistance, inout uvec4 faceIndices, inout vec3 faceNormal, inout vec3 barycoord,
	inout float side, inout float dist
) {

	bool found = false;
	vec3 localBarycoord, localNormal;
	float localDist, localSide;
	for ( uint i = offset, l = offset + count; i < l; i ++ ) {

		uvec3 indices = uTexelFetch1D( indexAttr, i ).xyz;
		vec3 a = texelFetch1D( positionAttr, indices.x ).rgb;
		vec3 b = texelFetch1D( positionAttr, indices.y ).rgb;
		vec3 c = texelFetch1D( positionAttr, indices.z ).rgb;

		if (
			intersectsTriangle( rayOrigin, rayDirection, a, b, c, localBarycoord, localNormal, localDist, localSide )
			&& localDist < minDistance
		) {

			found = true;
			minDistance = localDist;

			faceIndices = uvec4( indices.xyz, i );
			faceNormal = localNormal;

			side = localSide;
			barycoord = localBarycoord;
			dist = localDist;

		}

	}

	return found;

}

bool intersectsBVHNodeBounds( vec3 rayOrigin, vec3 rayDirection, sampler2D bvhBounds, uint currNodeIndex, out float dist ) {

	uint cni2 = currNodeIndex * 2u;
	vec3 boundsMin = texelFetch1D( bvhBounds, cni2 ).xyz;
	vec3 boundsMax = texelFetch1D( bvhBounds, cni2 + 1u ).xyz;
	return intersectsBounds( rayOrigin, rayDirection, boundsMin, boundsMax, dist );

}

// use a macro to hide the fact that we need to expand the struct into separate fields
#define	bvhIntersectFirstHit(		bvh,		rayOrigin, rayDirection, faceIndices, faceNormal, barycoord, side, dist	)	_bvhIntersectFirstHit(		bvh.position, bvh.index, bvh.bvhBounds, bvh.bvhContents,		rayOrigin, rayDirection, faceIndices, faceNormal, barycoord, side, dist	)

bool _bvhIntersectFirstHit(
	// bvh info
	sampler2D bvh_position, usampler2D bvh_index, sampler2D bvh_bvhBounds, usampler2D bvh_bvhContents,

	// ray
	vec3 rayOrigin, vec3 rayDirection,

	// output variables split into separate variables due to output precision
	inout uvec4 faceIndices, inout vec3 faceNormal, inout vec3 barycoord,
	inout float side, inout float dist
) {

	// stack needs to be twice as long as the deepest tree we expect because
	// we push both the left and right child onto the stack every traversal
	int pointer = 0;
	uint stack[ BVH_STACK_DEPTH ];
	stack[ 0 ] = 0u;

	float triangleDistance = INFINITY;
	bool found = false;
	while ( pointer > - 1 && pointer < BVH_STACK_DEPTH ) {

		uint currNodeIndex = stack[ pointer ];
		pointer --;

		// check if we intersect the current bounds
		float boundsHitDistance;
		if (
			! intersectsBVHNodeBounds( rayOrigin, rayDirection, bvh_bvhBounds, currNodeIndex, boundsHitDistance )
			|| boundsHitDistance > triangleDistance
		) {

			continue;

		}

		uvec2 boundsInfo = uTexelFetch1D( bvh_bvhContents, currNodeIndex ).xy;
		bool isLeaf = bool( boundsInfo.x & 0xffff0000u );

		if ( isLeaf ) {

			uint count = boundsInfo.x & 0x0000ffffu;
			uint offset = boundsInfo.y;

			found = intersectTriangles(
				bvh_position, bvh_index, offset, count,
				rayOrigin, rayDirection, triangleDistance,
				faceIndices, faceNormal, barycoord, side, dist
			) || found;

		} else {

			uint leftIndex = currNodeIndex + 1u;
			uint splitAxis = boundsInfo.x & 0x0000ffffu;
			uint rightIndex = currNodeIndex + boundsInfo.y;

			bool leftToRight = rayDirection[ splitAxis ] >= 0.0;
			uint c1 = leftToRight ? leftIndex : rightIndex;
			uint c2 = leftToRight ? rightIndex : leftIndex;

			// set c2 in the stack so we traverse it later. We need to keep track of a pointer in
			// the stack while we traverse. The second pointer added is the one that will be
			// traversed first
			pointer ++;
			stack[ pointer ] = c2;

			pointer ++;
			stack[ pointer ] = c1;

		}

	}

	return found;

}
`});var xm=It(()=>{});var xu=It(()=>{pm();mm();_m();xm()});var QA,yu=It(()=>{Qh();nu();nm();im();sm();rm();om();am();cm();er();ss();um();hm();dm();xu();xu();QA=`
	${fm}
	${gm}
`});var vm={};Lm(vm,{loadShape:()=>vu});function vu(s){return sc.has(s)||sc.set(s,mS(s).catch(t=>{throw sc.delete(s),t})),sc.get(s)}async function mS(s){let t=await fetch(`/shape/${s}`);if(!t.ok)throw new Error("a part's shape could not be fetched");let e=await t.arrayBuffer(),i=new DataView(e).getUint32(0,!0),n=JSON.parse(new TextDecoder().decode(new Uint8Array(e,4,i))),r=4+i,o=(g,b)=>{let C=new g(e,r,b);return r+=4*b,C},a=n.counts,l=o(Float32Array,a.positions),c=o(Float32Array,a.normals),h=o(Float32Array,a.lines),u=o(Uint32Array,a.indices),d=o(Uint32Array,a.face_ends),f=o(Uint32Array,a.line_ends),m=new Te;m.setAttribute("position",new we(l,3)),m.setAttribute("normal",new we(c,3));let y=new Uint32Array(u);m.setIndex(new we(y,1)),y.length&&(m.boundsTree=new nc(m,{indirect:!0})),m.computeBoundingSphere();let p=[],_=0;for(let g of f){for(let b=_+1;b<g;b++)for(let C of[b-1,b])p.push(h[3*C],h[3*C+1],h[3*C+2]);_=g}let x=new Te;x.setAttribute("position",new we(new Float32Array(p),3));let S=new Map,v=new Map,M=new Map,w=[];for(let g of n.features)M.set(g.n,g),g.at=new R(...g.o),g.z&&(g.dir=new R(...g.z)),g.face>=0&&S.set(g.face,g),g.edge>=0&&v.set(g.edge,g),g.vertex>=0&&w.push(g);for(let[g,b,C]of[["origin","frame"],["xy","plane",[0,0,1]],["yz","plane",[1,0,0]],["zx","plane",[0,1,0]],["x","axis",[1,0,0]],["y","axis",[0,1,0]],["z","axis",[0,0,1]]]){let T={n:g,k:b,label:b==="frame"?"origin":`${g} ${b==="plane"?"plane":"axis"}`,o:[0,0,0],at:new R,face:-1,edge:-1,vertex:-1,built:!0};C&&(T.dir=new R(...C)),M.set(g,T)}return{head:n,geometry:m,edges:x,lines:h,lineEnds:f,faceEnds:d,indices:u,byFace:S,byEdge:v,byName:M,points:w,faceOf(g){let b=0,C=d.length-1;for(;b<C;){let T=b+C>>1;3*g<d[T]?C=T:b=T+1}return b},faceRange(g){return[g?d[g-1]:0,d[g]]},lineRange(g){return[g?f[g-1]:0,f[g]]},anchors(g){let b=[{f:g,where:g.k==="cylinder"||g.ends?"middle":""}];return g.ends&&g.ends.forEach((C,T)=>{let P=new R(...C),I=1e-4*(1+P.length());for(let U of n.features){let L=g.k==="cylinder"&&U.k==="circle"&&Math.abs(U.r-g.r)<I,k=g.k==="axis"&&U.vertex>=0;if((L||k)&&U.at.distanceTo(P)<I){b.push({f:U,where:T?"far end":"near end"});break}}}),b}}}var sc,Su=It(()=>{Ce();yu();sc=new Map});var Ou=(()=>{let s={parse(i){if(!i)return{};if(i.startsWith("{"))return JSON.parse(i);let n=/(?:"([^"]+)"|'([^']+)'|([^\s,:]+))(?:\s*:\s*(?:"([^"]*)"|'([^']*)'|<((?:[^/]|\/(?!>))+)\/>|([^\s,]+)))?(?=\s|,|$)/g,r={};for(let o of i.matchAll(n)){let[,a,l,c,h,u,d,f]=o,m=a??l??c,y=(h??u??d??f??"true").trim();try{y=JSON.parse(y)}catch{}let _=c?.includes(".")?m.split(".").reduceRight((x,S)=>({[S]:x}),y):{[m]:y};s.merge(_,r)}return r},split(i){return i.split(/,(?![^\[]*\])(?![^(]*\))(?![^<]*\/>)(?=(?:[^"']|"[^"]*"|'[^']*')*$)/)},merge(i,n){typeof i=="string"&&(i=s.parse(i));for(let[r,o]of Object.entries(i)){if(["__proto__","constructor","prototype"].includes(r))continue;let a=o?.constructor===Object,l=n[r]?.constructor===Object;a&&l?s.merge(o,n[r]):n[r]=o}return n}};class t{#r=null;#n=[];admit(n,r,o){if(!this.#r)return this.#r={strategy:n,abort:o},"run";if(n==="replace"||n!=="abort"&&this.#r.strategy==="abort")return this.#n=[],this.#r.abort?.(),this.#r={strategy:n,abort:o},"run";if(n==="queue all")this.#n.push(r);else if(n==="queue last")this.#n=[r];else if(n!=="abort"&&n!=="drop"&&this.#n.length===0)this.#n.push(r);else return"dropped";return"queued"}continue(n){this.#r?.abort===n&&(this.#r=null,this.#n.shift()?.())}abort(){this.#r?.abort?.()}}class e{#r=s;#n=new Map;#T="";#G=new Set;_loc=window.location;#E;#W=Function;#q=Object.getPrototypeOf(async function(){}).constructor;#A={createHTML:n=>n,createScript:n=>n};#X;#yt="a,form";#vt=["get","post","put","patch","delete","query"];#Y;#g;#C;#$;#_;constructor(){this.#St(),this.#bt(),this.#X=this.#l("[hx-action],[hx-get],[hx-post],[hx-put],[hx-patch],[hx-delete],[hx-query]"),this.#Y=new XPathEvaluator().createExpression(`.//*[@*[${this.#y("hx-on").map(r=>`starts-with(name(), "${r}")`).join(" or ")}]]`),this.#E={HCON:s,attributeValue:this.#e.bind(this),parseTriggerSpecs:this.#Z.bind(this),determineMethodAndAction:this.#J.bind(this),createRequestContext:this.#I.bind(this),collectFormData:this.#ut.bind(this),getAttributeObject:this.#U.bind(this),insertContent:this.#N.bind(this),morph:this.#z.bind(this),isSoftMatch:this.#ae.bind(this),initSecurity:(r,o,a)=>{r&&(this.#A=r),o&&(this.#W=o),a&&(this.#q=a)},onTrigger:this.#v.bind(this),htmxProp:this.#o.bind(this),triggerHtmxEvent:this.#t.bind(this),executeJavaScript:this.#u.bind(this)};let n=()=>this.initialize();document.readyState==="loading"?document.addEventListener("DOMContentLoaded",n):setTimeout(n)}#St(){this.version="4.0.1",this.config={logAll:!1,prefix:"data-hx-",transitions:!1,history:!0,mode:"same-origin",defaultSwap:"innerHTML",defaultFocusScroll:!1,indicatorClass:"htmx-indicator",requestClass:"htmx-request",includeIndicatorCSS:!0,defaultTimeout:6e4,extensions:"",morphIgnore:["data-htmx-powered"],morphSkip:"[hx-morph-skip]",morphSkipChildren:"[hx-morph-skip-children]",morphScanLimit:10,noSwap:[204,304],implicitInheritance:!1,defaultSettleDelay:1,allowEmptySwapAfterOOB:!1};let n=document.querySelector('meta[name="htmx-config"]');n&&s.merge(n.content,this.config),this.#T=this.config.extensions}#bt(){if(this.config.includeIndicatorCSS!==!1){let n=this.config.indicatorClass,r=this.config.requestClass;try{this.indicatorStyleSheet=new CSSStyleSheet,this.indicatorStyleSheet.replaceSync(`.${n}{opacity:0;visibility: hidden} .${r} .${n}, .${r}.${n}{opacity:1;visibility: visible;transition: opacity 200ms ease-in}`),document.adoptedStyleSheets.push(this.indicatorStyleSheet)}catch{}}}registerExtension(n,r){if(this.#T&&!this.#T.split(/,\s*/).includes(n)||this.#G.has(n))return!1;this.#G.add(n),r.init&&r.init(this.#E),Object.entries(r).forEach(([o,a])=>{this.#n.get(o)?.push(a)||this.#n.set(o,[a])})}#R(n){let r=this.config.prefix;return!n.closest||n.closest("[hx-ignore]")!=null||r&&n.closest(`[${r}ignore]`)!=null}#x(n,r){let o=this.config.prefix;return n.getAttribute(r)??(o?n.getAttribute(r.replace("hx-",o)):null)}#P(n,r){let o=this.config.prefix&&r.replace("hx-",this.config.prefix);return n.hasAttribute(r)?r:o&&n.hasAttribute(o)?o:null}#l(n){return this.#y(n).join(",")}#y(n){let r=[n];return this.config.prefix&&r.push(n.replaceAll("hx-",this.config.prefix)),r}#c(n,r){let o=[...n.querySelectorAll?.(r)??[]];return n.matches?.(r)&&o.unshift(n),o}#Mt(n){return n==="before"?"beforebegin":n==="after"?"afterend":n==="prepend"?"afterbegin":n==="append"?"beforeend":n}#wt(n,r){let o=[];return this.#e(n,r,void 0,(a,l)=>{a?.split(/\s*[,:]\s*/).includes("this")&&o.push(l)}),o}#e(n,r,o,a,l=this.config.implicitInheritance){r=this.#m(r);let c=this.#m(":inherited"),h=this.#m(":append"),u=this.#x(n,r)??this.#x(n,r+c);if(u!=null)return a?a(u,n):u;let d=CSS.escape(l?r:r+c),f=CSS.escape(r+c+h),m=this.#l(`[${d}],[${f}]`),y=this.#P(n,r+h)??this.#P(n,r+c+h);if(y){let _=n.getAttribute(y),x=n.parentNode?.closest?.(m);if(a&&a(_,n),x){let S=this.#e(x,r,void 0,a,l);return S?(S+","+_).replace(/[{}]/g,""):_}return _}let p=n.parentNode?.closest?.(m);return p?(u=this.#e(p,r,void 0,a),!a&&u&&l&&this.#a(n,"htmx:after:implicitInheritance",{elt:n,name:r,parent:p}),u):o}#Z(n){return s.split(n).flatMap(r=>{r=r.replace(/^\s*every\s+(\S+?)\s*(\[[^\]]*\])/,"every$2 $1");let[,o,a]=r.match(/^\s*(\S+\[[^\]]*\]|\S+)\s*(.*?)\s*$/)??[];if(!o)return[];if(/\[[^\]]*$/.test(o))throw"unterminated:"+o;return[{name:o,...s.parse(a)}]})}#J(n,r){let o=this.#e(n,"hx-method"),a=this.#e(n,"hx-action",void 0,void 0,!1);if(!a)for(let l of this.#vt){let c=this.#e(n,"hx-"+l,void 0,void 0,!1);if(c!=null){a=c,o=l;break}}return this.#d(n)&&(a||=r.submitter?.getAttribute?.("formAction")||n.getAttribute(n.matches("a")?"href":"action")),o||=r.submitter?.getAttribute?.("formmethod")||n.getAttribute("method")||"GET",{action:a,method:o.toUpperCase()}}#o(n){return n._htmx||(n._htmx={listeners:[],triggerSpecs:[]},n.setAttribute("data-htmx-powered","true")),n._htmx}#h(n){return n._htmx_state||={}}#Tt(n){if(this.#rt(n)&&this.#t(n,"htmx:before:init",{},!0)){let r=this.#o(n);r.initialized=!0,r.eventHandler=this.#K(n),this.#it(n),this.#t(n,"htmx:after:init",{},!0)}}#K(n){return async r=>{try{let o=this.#I(n,r);await this.#Q(o)}catch(o){this.#t(n,"htmx:error",{error:o})}}}#I(n,r){let{action:o,method:a}=this.#J(n,r),[l,c]=(o||"").split("#"),h=new AbortController,u={sourceElement:n,sourceEvent:r,status:"created",select:this.#e(n,"hx-select"),selectOOB:this.#e(n,"hx-select-oob"),target:this.#e(n,"hx-target"),swap:this.#e(n,"hx-swap")??this.config.defaultSwap,push:this.#e(n,"hx-push-url"),replace:this.#e(n,"hx-replace-url"),transition:this.config.transitions,confirm:this.#e(n,"hx-confirm"),request:{validate:this.#e(n,"hx-validate",n.matches("form")&&!n.noValidate&&!r.submitter?.formNoValidate?"true":"false",void 0,!1)==="true",action:l,anchor:c,method:a,headers:this.#Et(n),abort:h.abort.bind(h),credentials:"same-origin",signal:h.signal,mode:this.config.mode}};n._htmx?.boosted&&s.merge(n._htmx.boosted,u),u.target=this.#L(n,u.target),u.target&&(u.request.headers["HX-Target"]=this.#j(u.target));let d=this.#e(n,"hx-config");return d&&(s.merge(d,u.request),u.request.mode=this.config.mode),u}#j(n){return`${n.tagName.toLowerCase()}${n.id?"#"+encodeURI(n.id):""}`}#Et(n){let r={"HX-Request":"true","HX-Source":this.#j(n),"HX-Current-URL":location.href,Accept:"text/html"};return this.#d(n)&&(r["HX-Boosted"]="true"),r}#At(n,r){return this.#U(n,"hx-headers",o=>{for(let a in o)r.request.headers[a]=String(o[a])},{ctx:r})}#L(n,r){return r instanceof Element?r:r!=null?this.#O(n,r,"hx-target"):this.#d(n)?document.body:n}#d(n){return n?._htmx?.boosted}async#Q(n){let r=n.sourceElement,o=n.sourceEvent;if(!r.isConnected||this.#Lt(o))return;this.#nt(o)&&o.preventDefault();let a=/GET|DELETE/.test(n.request.method),l=a?r.matches("form")?r:null:r.form||r.closest("form"),c=this.#ut(r,l,o.submitter,n.request.validate,a);if(!c)return;let h=this.#U(r,"hx-vals",f=>{n.vals=f;for(let m in f)c.set(m,f[m])},{ctx:n});if(h&&await h,n.values)for(let f in n.values)c.delete(f),c.append(f,n.values[f]);let u=this.#At(r,n);if(u&&await u,Object.assign(n.request,{form:l,submitter:o.submitter,body:c}),!this.#t(r,"htmx:config:request",{ctx:n})||n.request.method==="DIALOG")return;let d=this.#k(n.request.action);if(d!=null){let f=Object.fromEntries(n.request.body);await this.#u(n.sourceElement,f,d,!1);return}else if(a){let f=new URL(n.request.action,document.baseURI);for(let m of n.request.body.keys())f.searchParams.delete(m);for(let[m,y]of n.request.body)f.searchParams.append(m,y);f.origin===location.origin?n.request.action=f.pathname+f.search:n.request.action=f.href,n.request.body=null}else(this.#e(r,"hx-encoding")??l?.enctype)!=="multipart/form-data"&&(n.request.body=new URLSearchParams(n.request.body));await this.#tt(n)}async#tt(n){let r=n.sourceElement,o=this.#It(r),a=this.#et(r);this.#re(r);let l=()=>n.request?.abort?.();if(a.admit(o,()=>this.#tt(n),l)==="run"){n.status="issuing",n.indicators??=[],n.disabledElements??=[];try{if(n.confirm&&!await new Promise(u=>{let d={ctx:n,issueRequest:()=>u(!0),dropRequest:()=>u(!1)};if(this.#t(r,"htmx:confirm",d)){let f=this.#k(n.confirm);u(f?this.#u(r,{ctx:n},f,!0):window.confirm(n.confirm))}})||(this.#Pt(n),this.#jt(n),this.#te(n),n.fetch||=window.fetch.bind(window),n.request.headers["HX-Request-Type"]=n.target===document.body||n.select?"full":"partial",!this.#t(r,"htmx:before:request",{ctx:n})))return;let c=await n.fetch(n.request.action,n.request);if(n.response={raw:c,status:c.status,headers:c.headers},this.#Ct(n),!this.#t(r,"htmx:before:response",{ctx:n})||(n.text=await c.text(),!this.#t(r,"htmx:after:request",{ctx:n})))return;if(n.response.status>=400&&this.#t(r,"htmx:response:error",{ctx:n}),this.#Rt(n)){n.keepIndicators=!0;return}if(n.status==="issuing"){if(n.hx.retarget&&(n.target=n.hx.retarget),n.hx.reswap&&(n.swap=n.hx.reswap),n.hx.reselect&&(n.select=n.hx.reselect),n.target?.isConnected===!1)return;n.status="response received",this.#he(n),await this.swap(n),n.status="swapped"}}catch(c){n.status="error: "+c,(c?.name!=="AbortError"||n.request.signal.reason==="timeout")&&this.#t(r,"htmx:error",{ctx:n,error:c})}finally{await n.extensionPromise?.catch(()=>{}),clearTimeout(n.requestTimeout),n.hx?.trigger&&this.#Nt(n.hx.trigger,n.sourceElement),this.#t(r,"htmx:finally:request",{ctx:n}),n.keepIndicators||(this.#Qt(n.indicators),this.#ee(n.disabledElements)),a.continue(l)}}}#Ct(n){n.hx={};for(let[r,o]of n.response.raw.headers)r.toLowerCase().startsWith("hx-")&&(n.hx[r.slice(3).toLowerCase().replace(/-/g,"")]=o)}#Rt(n){if(n.hx.refresh==="true")return this._loc.reload(),!0;if(n.hx.redirect)return this._loc.href=n.hx.redirect,!0;if(n.hx.location){let r=n.hx.location,o={},a=s.parse(r);return(r[0]==="{"||a.path!=null)&&(o=a,r=o.path,delete o.path),o.push==null&&o.replace==null&&(o.push="true"),o.indicators=n.indicators,o.disabledElements=n.disabledElements,this.ajax("GET",r,o),!0}}#Pt(n){let r=n.request.timeout!=null?this.parseInterval(n.request.timeout):this.config.defaultTimeout;r&&(n.requestTimeout=setTimeout(()=>n.request?.abort?.("timeout"),r))}#It(n){let r=this.#e(n,"hx-sync");if(!r)return"queue first";let o=r.split(":").pop().trim();return/^(drop|abort|replace|queue)/.test(o)?o:"queue first"}#et(n){let r=this.#e(n,"hx-sync"),o=n;if(r){let a=r.includes(":")?r.slice(0,r.lastIndexOf(":")).trim():/^(drop|abort|replace|queue)/.test(r)?null:r;a&&(o=this.#O(n,a,"hx-sync")||n)}return this.#h(o).rq||=new t}#Lt(n){return n.type==="click"&&(n.ctrlKey||n.metaKey||n.shiftKey)&&!!n.currentTarget?.closest?.("a[href]")}#nt(n){let r=n.currentTarget;if(n.type==="submit"&&r?.tagName==="FORM")return!0;if(!(n.type==="click"&&n.button===0))return!1;let l=r?.closest?.('button, input[type="submit"], input[type="image"]'),c=l?.form||l?.closest("form");if(l&&!l.disabled&&c&&(l.type==="submit"||l.type==="image"||!l.type&&l.tagName==="BUTTON"))return!0;let u=r?.closest?.("a");if(!u||!u.href)return!1;let d=u.getAttribute("href");return!(d&&d.startsWith("#")&&d.length>1)}#it(n,r=n._htmx.eventHandler){let a=this.#e(n,"hx-trigger",void 0,void 0,!1)||(n.matches("form")?"submit":n.matches("input:not([type=button]):not([type=submit]),select,textarea")?"change":"click");this.#v(n,a,r)}#v(n,r,o){let a=this.#Z(r);this.#o(n).triggerSpecs.push(...a);for(let l of a){l.listeners=[];let[c,h]=this.#Dt(l.name),u=[n];l.from==="outside"?u=[document]:l.from&&l.from!=="self"&&(u=this.#s(n,l.from));let d=m=>{if((l.halt||l.prevent)&&m.preventDefault(),(l.halt||l.stop||l.consume)&&m.stopPropagation(),l.changed){let y=this.#h(n).changedValues??=new WeakMap,p=m.target;if(!["checkbox","radio"].includes(p?.type)){let _=p?.value;if(y.has(p)&&y.get(p)===_)return;y.set(p,_)}}if(l.once)for(let y of l.listeners)y.fromElt.removeEventListener(y.eventName,y.handler,y);o(m)},f=d;if(l.delay?f=m=>{clearTimeout(l.timeout),l.timeout=setTimeout(()=>d(m),this.parseInterval(l.delay))}:l.throttle&&(f=m=>{l.throttled?l.throttledEvent=m:(l.throttled=!0,d(m),l.throttleTimeout=setTimeout(()=>{if(l.throttled=!1,l.throttledEvent){let y=l.throttledEvent;l.throttledEvent=null,f(y)}},this.parseInterval(l.throttle)))}),l.handler=m=>{if(this.#nt(m)&&m.preventDefault(),!(l.from==="self"&&m.target!==n)&&!(l.from==="outside"&&n.contains(m.target))&&!(l.target&&!m.target?.matches?.(l.target))){if(h){let y={};for(let p in m)/^[a-z]+$/i.test(p)&&(y[p]=m[p]);if(!this.#u(n,y,h,!0,!1))return}if(c!=="every")for(let y of this.#o(n).triggerSpecs)clearTimeout(y.timeout),y.throttledEvent=null;f(m)}},c==="intersect"||c==="revealed"){let m={rootMargin:l.rootMargin};l.root&&(m.root=this.#O(n,l.root)),l.threshold&&(m.threshold=parseFloat(l.threshold));let y=c==="revealed";l.observer=new IntersectionObserver(p=>{for(let _=0;_<p.length;_++)if(p[_].isIntersecting){this.trigger(p[_].target,"intersect",{},!1),y&&l.observer.disconnect();break}},m),c="intersect";for(let p of u)l.observer.observe(p)}if(c==="every"){let m=Object.keys(l).find(y=>y!=="name");l.interval=setInterval(()=>{n.isConnected?this.#t(n,"every",{},!1):clearInterval(l.interval)},this.parseInterval(m))}if(c==="load"){l.handler(new CustomEvent("load"));continue}for(let m of u){let y={fromElt:m,eventName:c,handler:l.handler,capture:!!l.capture,passive:!!l.passive};n._htmx.listeners.push(y),l.listeners.push(y),m.addEventListener(c,l.handler,y)}}}#Dt(n){let r=n.match(/^([^\[]*)\[([^\]]*)]/);return r?[r[1],r[2]]:[n,null]}#Nt(n,r){if(n[0]==="{"){let o=s.parse(n);for(let a in o){let l=o[a],c=r;l?.target&&(c=this.find(l.target)),this.trigger(c,a,typeof l=="object"?l:{value:l})}}else n.split(",").forEach(o=>this.trigger(r,o.trim(),{}))}#Ut(n){let r={},o=Object.getPrototypeOf(this);for(let a of Object.getOwnPropertyNames(o))a!=="constructor"&&typeof this[a]=="function"&&(["find","findAll"].includes(a)?r[a]=(l,c)=>c===void 0?this[a](n,l):this[a](l,c):r[a]=this[a].bind(this));return r}#u(n,r,o,a=!0,l=!0,c=!1){let h={};Object.assign(h,this.#Ut(n));let u={},d={scope:u,code:o};this.#a(n,"htmx:scope",d),o=d.code,Object.assign(h,u),Object.assign(h,r);let f=Object.keys(h),m=Object.values(h),y=l?this.#q:this.#W,p=new y(...f,a?`return (${o})`:o);return c?()=>p.call(n,...m):p.call(n,...m)}process(n,r){if(!n?.isConnected)return;if(!(n instanceof Element)){for(let c of n.children||[])this.process(c,r);return}if(r&&this.#i(n,!0),this.#R(n)||!this.#t(n,"htmx:before:process"))return;let o=[n],a=this.#Y.evaluate(n),l=null;for(;l=a.iterateNext();)o.push(l);for(let c of o)!this.#R(c)&&this.#t(c,"htmx:before:on:init",{},!0)&&this.#Kt(c);for(let c of this.#c(n,this.#X))this.#Tt(c);for(let c of this.#c(n,this.#yt))this.#Ft(c);this.#t(n,"htmx:after:process")}#Ft(n){let r=this.#e(n,"hx-boost");if(r&&r!=="false"&&this.#Ot(n)&&this.#t(n,"htmx:before:init",{},!0)){let o=this.#o(n);o.initialized=!0,o.eventHandler=this.#K(n),o.boosted=r,this.#it(n),this.#t(n,"htmx:after:init",{},!0)}}#Ot(n){if(this.#rt(n)){if(n.tagName==="A"){if(n.target===""||n.target==="_self")return!n.hasAttribute("download")&&!n.getAttribute("href")?.startsWith?.("#")&&this.#st(n.href)}else if(n.tagName==="FORM")return n.method!=="dialog"&&this.#st(n.action)}}#st(n){try{return new URL(n,window.location.href).origin===window.location.origin}catch{return!1}}#rt(n){return!n._htmx?.initialized&&!this.#R(n)}#i(n,r){let o=[n,...n.querySelectorAll?.("[data-htmx-powered]")??[]];for(let a of o)if(a._htmx){this.#t(a,"htmx:before:cleanup");for(let l of a._htmx.triggerSpecs||[])l.interval&&clearInterval(l.interval),l.timeout&&clearTimeout(l.timeout),l.throttleTimeout&&clearTimeout(l.throttleTimeout),l.observer?.disconnect();for(let l of a._htmx.listeners||[])l.fromElt.removeEventListener(l.eventName,l.handler,l);a.removeAttribute("data-htmx-powered"),this.#t(a,"htmx:after:cleanup"),r&&delete a._htmx}}#Bt(n){let r=document.createElement("div");r.hidden=!0,document.body.insertAdjacentElement("afterend",r);let o=n.querySelectorAll?.(this.#l("[hx-preserve]"))||[];for(let a of o){let l=document.getElementById(a.id);l&&this.#p(r,l,null)}return r}#kt(n){for(let r of[...n.children]){let o=document.getElementById(r.id);o&&(this.#p(o.parentNode,r,o),this.#i(o),o.remove())}n.remove()}#D(n){let r=this.#A.createHTML(n);return Document.parseHTMLUnsafe?.(r,{})||new DOMParser().parseFromString(r,"text/html")}#zt(n){let r=n.replace(/<hx-([a-z]+)(\s+|>)/gi,'<template hx type="$1"$2').replace(/<\/hx-[a-z]+>/gi,"</template>"),o="";r=r.replace(/<head(\s[^>]*)?>[\s\S]*?<\/head>/i,h=>(o=this.#D(h).title,""));let a=r.match(/<([a-z][^\/>\x20\t\r\n\f]*)/i)?.[1]?.toLowerCase(),l,c;if(a==="html"||a==="body"?(l=this.#D(r),c=document.createDocumentFragment(),c.append(l.body)):(l=this.#D(`<template>${r}</template>`),c=l.querySelector("template").content),!o){let h=c.querySelector("title:not(svg title)");h&&(o=h.textContent,h.remove())}return this.#ct(c),{fragment:c,title:o}}#ot(n,r,o,a){let l=r.id?"#"+CSS.escape(r.id):null,[,c,h]=o.match(/^(\S+):(.+)/)??[];c&&([o,l]=[c,h||l]),(o==="true"||!o)&&(o="outerHTML");let u=this.#S(o);if(l=u.target||l,u.strip??=!u.style.startsWith("outer"),!l)return;let d=this.#s(a,l);for(let f of d){let m=document.createDocumentFragment();m.append(r.cloneNode(!0)),n.push({type:"oob",fragment:m,target:f,swapSpec:u,sourceElement:a})}r.remove()}#Vt(n,r,o){let a=[];if(o)for(let l of o.split(",")){let[c,h="true"]=l.split(/:(.*)/);for(let u of n.querySelectorAll(c))this.#ot(a,u,h,r)}for(let l of n.querySelectorAll(this.#l("[hx-swap-oob]"))){let c=this.#P(l,"hx-swap-oob"),h=l.getAttribute(c);l.removeAttribute(c),this.#ot(a,l,h,r)}return a}#f(n,r,o){r?r.before(...o.childNodes):n.append(...o.childNodes)}#S(n){n=n.trim();let r=this.config.defaultSwap;if(n&&!/^\S*:/.test(n)){let o=n.match(/^(\S+)\s*(.*)$/);r=o[1],n=o[2]}return{style:this.#Mt(r),...s.parse(n)}}#Ht(n,r){let o=[];for(let a of n.querySelectorAll("template[hx]")){let l=a.getAttribute("type");if(l==="partial"){let c=this.#x(a,"hx-target")||(a.id?"#"+CSS.escape(a.id):null);if(c){this.#ct(a.content);let h=this.#S(this.#x(a,"hx-swap")||this.config.defaultSwap);h.ignoreTitle&&(r.title=null);let u=this.#s(r.sourceElement,c);for(let d of u.length?u:[null])o.push({type:"partial",fragment:a.content.cloneNode(!0),target:d,swapSpec:h,sourceElement:r.sourceElement})}}else this.#a(a,"htmx:process:"+l,{ctx:r,tasks:o});a.remove()}return o}#at(n,r,o,a){try{o!=null&&n.setSelectionRange&&n.setSelectionRange(o,a),n.focus(r)}catch{}}#Gt(n){let r=this.#c(n,"[autofocus]")[0];r&&this.#at(r)}#lt(n){return n===window||n===document?document.scrollingElement:n}#Wt(n,r){if(n.scroll){let o=n.scrollTarget?this.#lt(this.#B(r,n.scrollTarget)):r;o&&(n.scroll==="top"?o.scrollTop=0:n.scroll==="bottom"&&(o.scrollTop=o.scrollHeight))}(n.show==="top"||n.show==="bottom")&&(n.showTarget?this.#lt(this.#B(r,n.showTarget)):r)?.scrollIntoView?.(n.show==="top")}#qt(n){n.request?.anchor&&document.getElementById(n.request.anchor)?.scrollIntoView({block:"start",behavior:"auto"})}#ct(n){let r=this.#c(n,"script");for(let o of r){let a=document.createElement("script");for(let l of o.attributes)a.setAttribute(l.name,l.value);this.config.inlineScriptNonce&&(a.nonce=this.config.inlineScriptNonce),a.textContent=this.#A.createScript(o.textContent),o.replaceWith(a)}}initialize(){this.config.history&&!this.#$&&(this.#$=!0,window.navigation&&!/firefox/i.test(navigator.userAgent)?navigation.addEventListener("navigate",n=>{n.navigationType==="traverse"&&n.canIntercept&&!n.hashChange&&n.intercept({handler:()=>this.#ht()})}):window.addEventListener("popstate",n=>this.#ht(n.state))),this.process(document.body)}async swap(n){try{let{fragment:r,title:o}=this.#zt(n.text);n.title=o;let a=[],l=this.#Vt(r,n.sourceElement,n.selectOOB),c=this.#Ht(r,n);a.push(...l,...c);let h=c.length||l.length&&!this.config.allowEmptySwapAfterOOB,u=this.#Xt(n,r,h);if(u&&a.unshift(u),!this.#t(n.sourceElement,"htmx:before:swap",{ctx:n,tasks:a}))return;this.#Jt(n);let d=[],f=[];for(let m of a)m.swapSpec?.transition??u?.transition??n.transition?f.push(m):d.push(this.#N(m));if(f.length>0){let m=async()=>{for(let y of f)await this.#N(y,!1)};d.push(this.#ue(m,n))}await Promise.all(d),!n.sourceElement?.isConnected&&u?.target?.isConnected&&(n.sourceElement=u.target),this.#t(n.sourceElement,"htmx:after:swap",{ctx:n}),n.title&&n.swap!=="none"&&(document.title=n.title),this.#qt(n)}finally{this.#t(n.sourceElement,"htmx:finally:swap",{ctx:n})}}#Xt(n,r,o){let a=this.#S(n.swap||this.config.defaultSwap);if(a.ignoreTitle&&(n.title=null),a.style==="delete"||(r.querySelector("body")||r).childElementCount>0||r.textContent.trim()||(a.swapEmpty??!o)){if(n.select){let c=r.querySelectorAll(n.select);r=document.createDocumentFragment(),r.append(...c)}return this.#d(n.sourceElement)&&(a.show||="top"),{type:"main",fragment:r,target:this.#L(n.sourceElement||document.body,a.target||n.target),swapSpec:a,sourceElement:n.sourceElement,transition:n.transition&&a.transition!==!1}}}async#N(n,r=!0){let{target:o,swapSpec:a,fragment:l}=n;if(typeof o=="string"&&(o=document.querySelector(o)),!o)return;typeof a=="string"&&(a=this.#S(a));let c=a.style;if(c==="none")return;if(l.firstElementChild?.tagName==="BODY"){let p=o===document.body&&c.startsWith("outer");p&&c==="outerHTML"&&(c="outerSync"),a.strip??=!p}if(a.strip&&l.firstElementChild&&(l=document.createDocumentFragment(),l.append(...(n.fragment.firstElementChild.content||n.fragment.firstElementChild).childNodes)),this.#b(o,"htmx-swapping"),r&&n.swapSpec?.swap&&await this.timeout(n.swapSpec?.swap),c==="delete"){o.parentNode&&(this.#i(o),o.parentNode.removeChild(o));return}let h,u=[],d=a.settle??this.config.defaultSettleDelay,f=o.parentNode;if(c==="innerHTML"||c==="outerHTML"&&f){let p=document.activeElement;if(p?.id){let _,x;try{_=p.selectionStart,x=p.selectionEnd}catch{}h={elt:p,start:_,end:x}}u=r&&d?this.#de(l,o):[]}let m=this.#Bt(l),y=[...l.childNodes];try{if(c==="innerHTML"){for(let p of o.children)this.#i(p);o.replaceChildren(...l.childNodes)}else if(c==="textContent"){for(let p of o.querySelectorAll("[data-htmx-powered]"))this.#i(p);o.textContent=l.textContent}else if(c==="outerHTML")f&&(this.#f(f,o,l),this.#i(o),f.removeChild(o),o=y.find(p=>p.nodeType===1)||f);else if(c==="outerSync"){this.#H(o,l.firstElementChild);for(let p of o.children)this.#i(p);o.replaceChildren(...l.firstElementChild.childNodes),y=[o]}else if(c==="innerMorph")this.#z(o,l,!0),y=[...o.childNodes];else if(c==="outerMorph")this.#z(o,l,!1),y.push(o);else if(c==="beforebegin")f&&this.#f(f,o,l);else if(c==="afterbegin")this.#f(o,o.firstChild,l);else if(c==="beforeend")this.#f(o,null,l);else if(c==="afterend")f&&this.#f(f,o.nextSibling,l);else{let p=this.#n.get("handle_swap")||[],_=!1;for(let x of p){let S=x(c,o,l,a);if(S){_=!0,Array.isArray(S)&&(y=S);break}}if(!_)throw new Error(`Unknown swap style: ${c}`)}}finally{this.#M(o,"htmx-swapping")}if(n.target=o,this.#kt(m),h&&!h.elt.matches(":focus")){let p=document.getElementById(h.elt.id);if(p){let _={preventScroll:a.focusScroll!==void 0?!a.focusScroll:!this.config.defaultFocusScroll};this.#at(p,_,h.start,h.end)}}this.#t(o,"htmx:before:settle",{task:n,newContent:y,settleTasks:u});for(let p of y)this.#b(p,"htmx-added");if(r&&u.length>0){this.#b(o,"htmx-settling"),await this.timeout(d);for(let p of u)p();this.#M(o,"htmx-settling")}this.#t(o,"htmx:after:settle",{task:n,newContent:y,settleTasks:u});for(let p of y)this.#M(p,"htmx-added"),this.process(p),this.#Gt(p);this.#Wt(a,o)}#t(n,r,o={},a=!0){if(o.error){let l=`htmx: ${r}: ${o.error.message??o.error}`;o.error instanceof Error?console.error(l,o.error,{elt:n,detail:o}):console.error(l,{elt:n,detail:o})}else o.warn?console.warn(`htmx: ${r}: ${o.warn}`,{elt:n,detail:o}):this.config.logAll&&console.log(`htmx: ${r}`,{elt:n,detail:o});return n=this.#w(n),this.#a(n,r,o),this.trigger(n,this.#m(r),o,a)}#a(n,r,o={}){let a=this.#n.get(r.replace(/:/g,"_"));if(a){o.cancelled=!1;for(let l of a)if(l(n,o)===!1||o.cancelled)return o.cancelled=!0,!1}return!0}timeout(n){if(n=this.parseInterval(n),n>0)return new Promise(r=>setTimeout(r,n))}onLoad(n){this.on(this.#m("htmx:after:process"),r=>{n(r.target)})}on(n,r,o){let a,l=document;return o===void 0?(a=n,o=r):(l=this.#w(n),a=r),l.addEventListener(a,o),o}find(n,r){return this.#B(n,r)}findAll(n,r){return this.#s(n,r)}parseInterval(n){if(typeof n=="number")return n;let r={ms:1,s:1e3,m:6e4},[,o,a]=n?.match(/^([\d.]+)(ms|s|m)?$/)||[],l=parseFloat(o)*(r[a]||1);return isNaN(l)?void 0:l}trigger(n,r,o={},a=!0){n=this.#w(n);let l=new CustomEvent(r,{detail:o,cancelable:!0,bubbles:a,composed:!0}),c=n?.isConnected?n:document;return!o?.cancelled&&c.dispatchEvent(l)}ajax(n,r,o){(!o||o instanceof Element||typeof o=="string")&&(o={target:o});let a=typeof o.source=="string"?document.querySelector(o.source):o.source;if(typeof o.source=="string"&&!a)return Promise.reject(new Error("Source not found"));a||=document.body;let l=this.#I(a,o.event||{});return Object.assign(l,o),o.target&&(l.target=this.#L(document.body,o.target),!l.target)?Promise.reject(new Error("Target not found")):(Object.assign(l.request,{action:r,method:n.toUpperCase()}),o.headers&&Object.assign(l.request.headers,o.headers),this.#Q(l))}#Yt(n){this.config.history&&(history.pushState({htmx:!0},"",n),this.#t(document,"htmx:after:history:push",{path:n}))}#$t(n){this.config.history&&(history.replaceState({htmx:!0},"",n),this.#t(document,"htmx:after:history:replace",{path:n}))}async#ht(n,r){if(await this.timeout(1),n??=history.state,!n?.htmx)return;this.#C?.abort(),r=r||location.pathname+location.search;let o=document.querySelector(this.#l("[hx-history-elt]"))||document.body;if(this.#t(document,"htmx:before:history:restore",{path:r,cacheMiss:!0}))if(this.config.history==="reload")this._loc.reload();else return this.#C=new AbortController,this.ajax("GET",r,{target:o,swap:"outerSync",select:o!==document.body?this.#l("[hx-history-elt]"):void 0,request:{headers:{"HX-History-Restore-Request":"true"},signal:this.#C.signal}})}#Zt(n){let{sourceElement:r,push:o,replace:a,hx:l,response:c}=n;if((l?.pushurl||l?.replaceurl)&&(o=l.pushurl,a=l.replaceurl),o==null&&a==null&&this.#d(r)&&(o="true"),(o==="false"||o===!1)&&(o=null),(a==="false"||a===!1)&&(a=null),!o&&!a)return null;let h=o||a;if(h==="true"){let d=c?.raw?.url||n.request.action,f=new URL(d,location.href);h=f.pathname+f.search+(n.request.anchor?"#"+n.request.anchor:"")}return{type:o?"push":"replace",path:h}}#Jt(n){if(!this.config.history)return;history.state?.htmx||history.replaceState({htmx:!0},"",location.href);let r=this.#Zt(n);if(!r)return;let o={history:r,sourceElement:n.sourceElement,response:n.response};this.#t(document,"htmx:before:history:update",o)&&(r.type==="push"?this.#Yt(r.path):this.#$t(r.path),this.#t(document,"htmx:after:history:update",o))}#Kt(n){if(n._htmx?.onInitialized)return;let r=this.#y("hx-on"),o=this.config.metaCharacter||":",a=l=>async c=>{try{await this.#u(n,{event:c},`with(event?.detail||{}){${l}}`,!1)}catch(h){typeof h!="symbol"&&this.#t(n,"htmx:error",{error:h})}};for(let l of n.getAttributeNames()){let c=r.find(f=>l.startsWith(f));if(!c)continue;this.#o(n).onInitialized=!0;let h=l.substring(c.length),u=n.getAttribute(l);if(!h){for(let f of u.split(/;(?=[^;]*->)/)){let m=f.indexOf("->");m!==-1&&this.#v(n,f.substring(0,m).trim(),a(f.substring(m+2).trim()))}continue}if(h[0]!==o)continue;let d=h.substring(1);d.startsWith(o)&&(d="htmx"+o+d.substring(1)),this.#v(n,d,a(u))}}#jt(n){let r=n.sourceElement,o=this.#e(r,"hx-indicator"),a;if(o)a=this.#s(r,o,"hx-indicator");else{if(r===document.body)return;a=[r]}for(let l of a){n.indicators.push(l);let c=this.#h(l);c.rc=(c.rc||0)+1,this.#b(l,this.config.requestClass)}}#Qt(n){for(let r of n){let o=this.#h(r);o.rc&&--o.rc<=0&&(this.#M(r,this.config.requestClass),delete o.rc)}}#te(n){let r=n.sourceElement,o=this.#e(r,"hx-disable");if(o)for(let a of this.#s(r,o,"hx-disable")){n.disabledElements.push(a);let l=this.#h(a);l.dc=(l.dc||0)+1,a.disabled=!0}}#ee(n){for(let r of n){let o=this.#h(r);o.dc&&--o.dc<=0&&(r.disabled=!1,delete o.dc)}}#ut(n,r,o,a,l){if(a&&r&&!r.reportValidity())return;o??=r&&n.type==="submit"?n:null;let c=r?new FormData(r):new FormData,h=r?new Set(r.elements):new Set;if(!r){if(a&&n.reportValidity&&!n.reportValidity())return;this.#dt(n,h,c,l)}o?.name&&(c.append(o.name,o.value),h.add(o));let u=this.#e(n,"hx-include");if(u)for(let d of this.#s(n,u)){if(a&&d.reportValidity&&!d.reportValidity())return;this.#dt(d,h,c)}return c}#dt(n,r,o,a){let l=n.tagName,c=[];l==="BUTTON"||l.includes("-")?c=[n]:(["INPUT","SELECT","TEXTAREA","FIELDSET"].includes(l)||!a&&n!==document.body)&&(c=this.#c(n,"[name]:not(button)"));for(let h of c){let u=h.name||h.getAttribute?.("name");if(!u||h.matches(":disabled")||r.has(h))continue;r.add(h);let d=h.type;if(d==="checkbox"||d==="radio"||h.tagName!=="INPUT"&&"checked"in h)h.checked&&o.append(u,h.value);else if(d==="file")for(let f of h.files)o.append(u,f);else if(d==="select-multiple")for(let f of h.selectedOptions)o.append(u,f.value);else if(Array.isArray(h.value))for(let f of h.value)o.append(u,f);else o.append(u,h.value)}}#U(n,r,o,a={}){let l=this.#e(n,r);if(!l)return null;let c=this.#k(l);if(c)return c.indexOf("{")!==0&&(c="{"+c+"}"),this.#u(n,a,c,!0).then(h=>{o(h)});o(s.parse(l))}#ne(n){let r=n.trim();return r.startsWith("<")&&r.endsWith("/>")?r.slice(1,-2):r}#s(n,r,o,a){let l=r??n,c=r?this.#w(n)||document.body:document;if(l.startsWith("global "))return this.#s(c,l.slice(7),o,!0);let h=l?s.split(l):[],u=[],d=[];for(let f of h){let m=this.#ne(f),y;if(m.startsWith("closest "))y=c.closest(m.slice(8));else if(m.startsWith("find "))y=c.querySelector(m.slice(5));else if(m.startsWith("findAll "))u.push(...c.querySelectorAll(m.slice(8)));else if(m==="next"||m==="nextElementSibling")y=c.nextElementSibling;else if(m.startsWith("next "))y=this.#ie(c,m.slice(5),!!a);else if(m==="previous"||m==="previousElementSibling")y=c.previousElementSibling;else if(m.startsWith("previous "))y=this.#se(c,m.slice(9),!!a);else if(m==="document")y=document;else if(m==="window")y=window;else if(m==="body")y=document.body;else if(m==="host")y=c.getRootNode().host;else if(m==="this"){if(o){u.push(...this.#wt(c,o));continue}y=c}else d.push(m);y&&u.push(y)}if(d.length>0){let f=d.join(","),m=this.#F(c,!!a);u.push(...m.querySelectorAll(f))}return[...new Set(u)]}#ie(n,r,o){return this.#ft(this.#F(n,o).querySelectorAll(r),n,Node.DOCUMENT_POSITION_PRECEDING)}#se(n,r,o){let a=[...this.#F(n,o).querySelectorAll(r)].reverse();return this.#ft(a,n,Node.DOCUMENT_POSITION_FOLLOWING)}#ft(n,r,o){for(let a of n)if(a.compareDocumentPosition(r)===o)return a}#F(n,r){return n.isConnected&&n.getRootNode?n.getRootNode?.({composed:r}):document}#O(n,r,o){let a=this.#s(n,r,o)[0];return a||console.warn(`htmx: '${r}' on ${o} did not match any element`,{elt:n,selector:r,attr:o}),a}#B(n,r,o){return this.#s(n,r,o)[0]}#k(n){if(n!=null){if(n.startsWith("js:"))return n.substring(3);if(n.startsWith("javascript:"))return n.substring(11)}}#re(n){let r=this.#o(n);if(r.abortInitialized)return;r.abortInitialized=!0;let o=()=>{this.#et(n).abort()};n.addEventListener("htmx:abort",o),r.listeners.push({fromElt:n,eventName:"htmx:abort",handler:o})}#z(n,r,o){let{persistentIds:a,idMap:l}=this.#le(n,r),c=document.createElement("div");c.hidden=!0,document.body.after(c);let h={target:n,idMap:l,persistentIds:a,pantry:c,futureMatches:new WeakSet};o?this.#V(h,n,r):this.#V(h,n.parentNode,r,n,n.nextSibling),this.#i(c),c.remove()}#V(n,r,o,a=null,l=null){r instanceof HTMLTemplateElement&&o instanceof HTMLTemplateElement&&(r=r.content,o=o.content),a||=r.firstChild;let c=o.firstChild;for(;c;){let h;if(a&&a!=l&&(h=this.#oe(n,c,a,l),h&&h!==a)){let d=a;for(;d&&d!==h;){let f=d;d=d.nextSibling,f instanceof Element&&(n.idMap.has(f)||this.#pt(n,f,c))?this.#p(r,f,l):this.#mt(n,f)}}if(!h&&c instanceof Element&&n.persistentIds.has(c.id)){let d=CSS.escape(c.id);h=n.target.id===c.id&&n.target||n.target.querySelector(`[id="${d}"]`)||n.pantry.querySelector(`[id="${d}"]`);let f=h;for(;f=f.parentNode;){let m=n.idMap.get(f);m&&(m.delete(h.id),m.size||n.idMap.delete(f))}this.#p(r,h,a)}if(h){this.#gt(h,c,n),a=h.nextSibling,c=c.nextSibling;continue}let u=c.nextSibling;if(n.idMap.has(c)){let d=document.createElement(c.tagName);r.insertBefore(d,a),this.#gt(d,c,n),this.process(d),a=d.nextSibling}else r.insertBefore(c,a),a=c.nextSibling;c=u}for(;a&&a!=l;){let h=a;a=a.nextSibling,this.#mt(n,h)}}#pt(n,r,o){if(n.futureMatches.has(r))return!0;for(let a=o.nextSibling,l=0;a&&l<this.config.morphScanLimit;a=a.nextSibling,l++)if(a instanceof Element&&r.isEqualNode(a))return n.futureMatches.add(r),!0;return!1}#oe(n,r,o,a){if(r.nodeType===3)return o?.nodeType===3?o:null;if(!(r instanceof Element))return null;let l=null,c=0,h=this.config.morphScanLimit,u=n.idMap.get(r),d=u?.size||0;if(r.id&&!u)return null;let f=o;for(;f&&f!=a;){let m=n.idMap.get(f);if(this.#E.isSoftMatch(f,r)){if(m&&u&&[...m].some(y=>u.has(y)))return f;if(!m){if(h>0&&f.isEqualNode(r))return f;l||(l=f)}}if(c+=m?.size||0,c>d||document.activeElement?.selectionStart!=null&&f.contains(document.activeElement)||--h<1&&d===0)break;f=f.nextSibling}return l&&this.#pt(n,l,r)?null:l}#ae(n,r){return!(n instanceof Element)||n.tagName!==r.tagName||n.tagName==="SCRIPT"&&!n.isEqualNode(r)?!1:!n.id||n.id===r.id}#mt(n,r){n.idMap.has(r)?this.#p(n.pantry,r,null):(this.#i(r),r.remove())}#p(n,r,o){if(n.moveBefore)try{n.moveBefore(r,o);return}catch{}n.insertBefore(r,o)}#gt(n,r,o){if(n.nodeType===3){n.nodeValue!==r.nodeValue&&(n.nodeValue=r.nodeValue);return}if(this.config.morphSkip&&n.matches?.(this.config.morphSkip)||!this.#a(n,"htmx:before:morph:node",{oldNode:n,newNode:r}))return;this.#H(n,r),n instanceof HTMLTextAreaElement&&document.activeElement!==n&&n.defaultValue!=r.defaultValue&&(n.value=r.value),!(this.config.morphSkipChildren&&n.matches?.(this.config.morphSkipChildren))&&(!n.isEqualNode(r)||r.tagName==="TEMPLATE"||r.querySelector?.("template"))&&this.#V(o,n,r)}#H(n,r){let o=this.config.morphIgnore||[],a=!1,l=c=>this.#y("hx-").some(h=>c.startsWith(h));for(let c of r.attributes)if(!o.some(h=>c.name.startsWith(h))&&n.getAttribute(c.name)!==c.value){if(l(c.name)&&(a=!0),!this.#a(n,"htmx:before:morph:attr",{attrName:c.name,newValue:c.value}))continue;n.setAttribute(c.name,c.value),c.name==="value"&&n instanceof HTMLInputElement&&n.type!=="file"&&document.activeElement!==n&&(n.value=c.value)}for(let c=n.attributes.length-1;c>=0;c--){let h=n.attributes[c];if(h&&!r.hasAttribute(h.name)&&!o.some(u=>h.name.startsWith(u))){if(l(h.name)&&(a=!0),!this.#a(n,"htmx:before:morph:attr",{attrName:h.name,newValue:null}))continue;n.removeAttribute(h.name)}}a&&this.#i(n,!0)}#_t(n,r,o,a){for(let l of a)if(r.has(l.id)){let c=l;for(;c&&c!==o;){let h=n.get(c);h==null&&(h=new Set,n.set(c,h)),h.add(l.id),c=c.parentElement}}}#le(n,r){let o=this.#c(n,"[id]"),a=r.querySelectorAll("[id]"),l=this.#ce(o,a),c=new Map;return this.#_t(c,l,n.parentElement,o),this.#_t(c,l,r,a),{persistentIds:l,idMap:c}}#ce(n,r){let o=new Set,a=new Map;for(let{id:c,tagName:h}of n)a.has(c)?o.add(c):c&&a.set(c,h);let l=new Set;for(let{id:c,tagName:h}of r)l.has(c)?o.add(c):a.get(c)===h&&l.add(c);for(let c of o)l.delete(c);return l}#he(n){let r=n.response.raw.status,o=this.config.noSwap.map(l=>l+""),a=r+"";for(let l of[a,a.slice(0,2)+"x",a[0]+"xx"]){if(o.includes(l)){n.swap="none";return}let c=this.#e(n.sourceElement,"hx-status:"+l);if(c){s.merge(c,n);return}}}#ue(n,r){return new Promise(o=>{this.#g||=[],this.#g.push({task:n,resolve:o,ctx:r}),this.#_||this.#xt()})}async#xt(){if(this.#g.length===0||this.#_)return;this.#_=!0;let{task:n,resolve:r,ctx:o}=this.#g.shift();try{if(document.startViewTransition){let a={task:n,ctx:o};this.#t(o.sourceElement,"htmx:before:viewTransition",a),await document.startViewTransition(a.task).finished,this.#t(o.sourceElement,"htmx:after:viewTransition",a)}else await n()}catch{}finally{this.#_=!1,r(),this.#xt()}}#de(n,r){let o=["class","style","width","height"],a=r.querySelectorAll("[id]"),l=Object.fromEntries([...a].map(u=>[u.id,u])),c=n.querySelectorAll("[id]"),h=[];for(let u of c){let d=l[u.id];if(d?.tagName===u.tagName){let f=u.cloneNode(!1);for(let m of o)d.hasAttribute(m)?u.setAttribute(m,d.getAttribute(m)):u.removeAttribute(m);h.push(()=>{this.#H(u,f)})}}return h}#b(n,r){n?.classList?.add?.(r)}#M(n,r){n?.classList?.remove?.(r),n?.classList?.length===0&&n.removeAttribute("class")}#w(n){return typeof n=="string"?this.find(n):n}#m(n){return this.config.metaCharacter?n.replace(/:/g,this.config.metaCharacter):n}}return new e})();typeof window<"u"&&(window.htmx=Ou);var Bu=Ou;function zu(s){let t=document.getElementById("drop"),e=document.getElementById("files"),i=document.getElementById("progress"),n=document.getElementById("shelf-find");t.addEventListener("click",x=>{x.target!==e&&e.click()}),t.addEventListener("keydown",x=>{(x.key==="Enter"||x.key===" ")&&(x.preventDefault(),e.click())}),e.addEventListener("change",()=>{e.files.length&&c([...e.files]),e.value=""});let r=0;addEventListener("dragenter",x=>{x.preventDefault(),r++,t.classList.add("over")}),addEventListener("dragleave",()=>{--r<=0&&(r=0,t.classList.remove("over"))}),addEventListener("dragover",x=>x.preventDefault()),addEventListener("drop",x=>{x.preventDefault(),r=0,t.classList.remove("over"),x.dataTransfer.files.length&&c([...x.dataTransfer.files])}),n.addEventListener("input",o);function o(){let x=n.value.toLowerCase().split(/\s+/).filter(Boolean);for(let S of document.querySelectorAll(".part"))S.hidden=!x.every(v=>S.dataset.words.includes(v))}let a=Promise.resolve(),l=0;function c(x){a=a.then(()=>h(x)).catch(()=>{})}addEventListener("beforeunload",x=>{l&&x.preventDefault()});async function h(x){let S=new d(`Handing in ${x.length} ${x.length===1?"file":"files"} …`),v;l++;try{v=await _(x,M=>{S.bar.value=M*.5})}catch(M){S.stop(M.message);return}finally{l--}await u(S,v.batch)}async function u(x,S){let v=0;for(;;){let M;try{let w=await fetch(`/p/${s}/imports/${S}`,{headers:{Accept:"application/json"}});if(!w.ok)throw new Error(w.status);M=(await w.json()).files,v=0}catch{++v>1&&(x.title.textContent="The server does not answer. What was handed in is kept and will be read; waiting for it …"),await ku(2e3);continue}if(x.show(M,w=>fetch(`/p/${s}/imports/file/${w}`,{method:"DELETE"})),!M.some(w=>f.has(w.state))){x.done(M);break}await ku(400)}await p()}class d{constructor(S){i.hidden=!1,i.replaceChildren(),this.head=vn("div","phead"),this.title=vn("b","",S),this.bar=vn("progress"),this.list=vn("ul"),this.head.append(this.title),i.append(this.head,this.bar,this.list),this.bar.max=1,this.bar.value=0,this.bar.setAttribute("aria-label","Progress of the import")}show(S,v){let M=S.filter(g=>!f.has(g.state)).length,w=S.find(g=>g.state==="reading")||S.find(g=>g.state==="waiting");this.title.textContent=w?`Reading ${w.name} (${M+1} of ${S.length}) …`:"Reading …",this.bar.value=.5+.5*(M/Math.max(1,S.length));for(let g of S){let b=`${g.state}|${g.message}|${g.ahead||""}|${Math.floor(g.seconds||0)}`,C=this.list.querySelector(`[data-id="${g.id}"]`);if(C?.dataset.key===b)continue;let T=y(g,v);if(T.dataset.id=g.id,T.dataset.key=b,C){let P=C.contains(document.activeElement);C.replaceWith(T),P&&T.querySelector("button")?.focus()}else this.list.append(T)}}stop(S){this.title.textContent=S,this.bar.remove();let v=vn("button","plain","Close the list");v.type="button",v.addEventListener("click",()=>{i.hidden=!0}),this.head.append(vn("span","grow"),v)}done(S){let v=g=>S.filter(b=>b.state===g).length,M=v("done"),w=[`${M} ${M===1?"file":"files"} read`];if(v("failed")&&w.push(`${v("failed")} could not be read`),v("cancelled")&&w.push(`${v("cancelled")} cancelled`),v("left over")&&w.push(`${v("left over")} left over`),this.stop(w.join(" · ")),S.some(g=>g.message.includes("made: "))){let g=vn("a","","Show the new assemblies");g.href=location.href,this.head.insertBefore(g,this.head.lastChild)}}}let f=new Set(["waiting","with","reading"]),m={waiting:"waiting",with:"waiting",reading:"reading",done:"read",failed:"failed","left over":"left over",cancelled:"cancelled"};function y(x,S){let v=vn("li",`s-${x.state.split(" ")[0]}`);v.dataset.state=x.state;let M=x.message;if(x.state==="reading"&&x.seconds>=2&&(M=`${Math.floor(x.seconds)} s`),x.state==="waiting"&&x.ahead&&(M=`after ${x.ahead} ${x.ahead===1?"other":"others"}`),v.append(vn("span","state",m[x.state]||x.state),vn("span","",x.name),vn("span","grow"),vn("span","soft",M)),x.state==="waiting"||x.state==="reading"){let w=vn("button","plain","Cancel");w.type="button",w.setAttribute("aria-label",`Cancel reading ${x.name}`),w.addEventListener("click",()=>{w.disabled=!0,S(x.id).catch(()=>{w.disabled=!1})}),v.append(w)}return v}fetch(`/p/${s}/imports`,{headers:{Accept:"application/json"}}).then(x=>x.status===200?x.json():null).then(x=>{x&&i.hidden&&(a=a.then(()=>u(new d("Reading what was handed in …"),x.batch)).catch(()=>{}))}).catch(()=>{});async function p(){let x=await fetch(`/p/${s}/parts`);if(!x.ok)return;let S=document.getElementById("parts");S.innerHTML=await x.text(),window.htmx?.process(S);let v=S.querySelectorAll(".part").length;document.getElementById("shelf-count").textContent=`${v} ${v===1?"part":"parts"}`,o()}function _(x,S){return new Promise((v,M)=>{let w=new FormData;for(let b of x)w.append("files",b,b.name);let g=new XMLHttpRequest;g.open("POST",`/p/${s}/imports`),g.setRequestHeader("Accept","application/json"),g.upload.addEventListener("progress",b=>{b.lengthComputable&&S(b.loaded/b.total)}),g.addEventListener("load",()=>{let b;try{b=JSON.parse(g.responseText)}catch{b={}}g.status<300?v(b):M(new Error(b.error||"The files could not be handed in."))}),g.addEventListener("error",()=>M(new Error("The files could not be handed in: the server did not answer."))),g.send(w)})}}var ku=s=>new Promise(t=>setTimeout(t,s));function vn(s,t,e){let i=document.createElement(s);return t&&(i.className=t),e&&(i.textContent=e),i}Ce();Ce();var Yf={type:"change"},Gh={type:"start"},Zf={type:"end"},Al=new Vn,$f=new Xe,Pv=Math.cos(70*Th.DEG2RAD),ke=new R,xn=2*Math.PI,se={NONE:-1,ROTATE:0,DOLLY:1,PAN:2,TOUCH_ROTATE:3,TOUCH_PAN:4,TOUCH_DOLLY_PAN:5,TOUCH_DOLLY_ROTATE:6},Hh=1e-6,Cl=class extends Xr{constructor(t,e=null){super(t,e),this.state=se.NONE,this.target=new R,this.cursor=new R,this.minDistance=0,this.maxDistance=1/0,this.minZoom=0,this.maxZoom=1/0,this.minTargetRadius=0,this.maxTargetRadius=1/0,this.minPolarAngle=0,this.maxPolarAngle=Math.PI,this.minAzimuthAngle=-1/0,this.maxAzimuthAngle=1/0,this.enableDamping=!1,this.dampingFactor=.05,this.enableZoom=!0,this.zoomSpeed=1,this.enableRotate=!0,this.rotateSpeed=1,this.keyRotateSpeed=1,this.enablePan=!0,this.panSpeed=1,this.screenSpacePanning=!0,this.keyPanSpeed=7,this.zoomToCursor=!1,this.autoRotate=!1,this.autoRotateSpeed=2,this.keys={LEFT:"ArrowLeft",UP:"ArrowUp",RIGHT:"ArrowRight",BOTTOM:"ArrowDown"},this.mouseButtons={LEFT:Dn.ROTATE,MIDDLE:Dn.DOLLY,RIGHT:Dn.PAN},this.touches={ONE:Ii.ROTATE,TWO:Ii.DOLLY_PAN},this.target0=this.target.clone(),this.position0=this.object.position.clone(),this.zoom0=this.object.zoom,this._cursorStyle="auto",this._domElementKeyEvents=null,this._lastPosition=new R,this._lastQuaternion=new sn,this._lastTargetPosition=new R,this._quat=new sn().setFromUnitVectors(t.up,new R(0,1,0)),this._quatInverse=this._quat.clone().invert(),this._spherical=new Os,this._sphericalDelta=new Os,this._scale=1,this._panOffset=new R,this._rotateStart=new ht,this._rotateEnd=new ht,this._rotateDelta=new ht,this._panStart=new ht,this._panEnd=new ht,this._panDelta=new ht,this._dollyStart=new ht,this._dollyEnd=new ht,this._dollyDelta=new ht,this._dollyDirection=new R,this._mouse=new ht,this._performCursorZoom=!1,this._pointers=[],this._pointerPositions={},this._controlActive=!1,this._onPointerMove=Lv.bind(this),this._onPointerDown=Iv.bind(this),this._onPointerUp=Dv.bind(this),this._onContextMenu=zv.bind(this),this._onMouseWheel=Fv.bind(this),this._onKeyDown=Ov.bind(this),this._onTouchStart=Bv.bind(this),this._onTouchMove=kv.bind(this),this._onMouseDown=Nv.bind(this),this._onMouseMove=Uv.bind(this),this._interceptControlDown=Vv.bind(this),this._interceptControlUp=Hv.bind(this),this.domElement!==null&&this.connect(this.domElement),this.update()}set cursorStyle(t){this._cursorStyle=t,t==="grab"?this.domElement.style.cursor="grab":this.domElement.style.cursor="auto"}get cursorStyle(){return this._cursorStyle}connect(t){super.connect(t),this.domElement.addEventListener("pointerdown",this._onPointerDown),this.domElement.addEventListener("pointercancel",this._onPointerUp),this.domElement.addEventListener("contextmenu",this._onContextMenu),this.domElement.addEventListener("wheel",this._onMouseWheel,{passive:!1}),this.domElement.ownerDocument.addEventListener("keydown",this._interceptControlDown,{passive:!0,capture:!0}),this.domElement.style.touchAction="none"}disconnect(){this.state=se.NONE,this.domElement.removeEventListener("pointerdown",this._onPointerDown),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.domElement.removeEventListener("pointercancel",this._onPointerUp),this.domElement.removeEventListener("wheel",this._onMouseWheel),this.domElement.removeEventListener("contextmenu",this._onContextMenu),this.stopListenToKeyEvents(),this.domElement.ownerDocument.removeEventListener("keydown",this._interceptControlDown,{capture:!0}),this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{capture:!0}),this._controlActive=!1,this._pointers.length=0,this._pointerPositions={},this.domElement.style.touchAction="",this.domElement.style.cursor="auto"}dispose(){this.disconnect()}getPolarAngle(){return this._spherical.phi}getAzimuthalAngle(){return this._spherical.theta}getDistance(){return this.object.position.distanceTo(this.target)}listenToKeyEvents(t){t.addEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=t}stopListenToKeyEvents(){this._domElementKeyEvents!==null&&(this._domElementKeyEvents.removeEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=null)}saveState(){this.target0.copy(this.target),this.position0.copy(this.object.position),this.zoom0=this.object.zoom}reset(){this.target.copy(this.target0),this.object.position.copy(this.position0),this.object.zoom=this.zoom0,this.object.updateProjectionMatrix(),this.dispatchEvent(Yf),this.update(),this.state=se.NONE}pan(t,e){this._pan(t,e),this.update()}dollyIn(t){this._dollyIn(t),this.update()}dollyOut(t){this._dollyOut(t),this.update()}rotateLeft(t){this._rotateLeft(t),this.update()}rotateUp(t){this._rotateUp(t),this.update()}update(t=null){let e=this.object.position;ke.copy(e).sub(this.target),ke.applyQuaternion(this._quat),this._spherical.setFromVector3(ke),this.autoRotate&&this.state===se.NONE&&this._rotateLeft(this._getAutoRotationAngle(t)),this.enableDamping?(this._spherical.theta+=this._sphericalDelta.theta*this.dampingFactor,this._spherical.phi+=this._sphericalDelta.phi*this.dampingFactor):(this._spherical.theta+=this._sphericalDelta.theta,this._spherical.phi+=this._sphericalDelta.phi);let i=this.minAzimuthAngle,n=this.maxAzimuthAngle;isFinite(i)&&isFinite(n)&&(i<-Math.PI?i+=xn:i>Math.PI&&(i-=xn),n<-Math.PI?n+=xn:n>Math.PI&&(n-=xn),i<=n?this._spherical.theta=Math.max(i,Math.min(n,this._spherical.theta)):this._spherical.theta=this._spherical.theta>(i+n)/2?Math.max(i,this._spherical.theta):Math.min(n,this._spherical.theta)),this._spherical.phi=Math.max(this.minPolarAngle,Math.min(this.maxPolarAngle,this._spherical.phi)),this._spherical.makeSafe(),this.enableDamping===!0?this.target.addScaledVector(this._panOffset,this.dampingFactor):this.target.add(this._panOffset),this.target.sub(this.cursor),this.target.clampLength(this.minTargetRadius,this.maxTargetRadius),this.target.add(this.cursor);let r=!1;if(this.zoomToCursor&&this._performCursorZoom||this.object.isOrthographicCamera)this._spherical.radius=this._clampDistance(this._spherical.radius);else{let o=this._spherical.radius;this._spherical.radius=this._clampDistance(this._spherical.radius*this._scale),r=o!=this._spherical.radius}if(ke.setFromSpherical(this._spherical),ke.applyQuaternion(this._quatInverse),e.copy(this.target).add(ke),this.object.lookAt(this.target),this.enableDamping===!0?(this._sphericalDelta.theta*=1-this.dampingFactor,this._sphericalDelta.phi*=1-this.dampingFactor,this._panOffset.multiplyScalar(1-this.dampingFactor)):(this._sphericalDelta.set(0,0,0),this._panOffset.set(0,0,0)),this.zoomToCursor&&this._performCursorZoom){let o=null;if(this.object.isPerspectiveCamera){let a=ke.length();o=this._clampDistance(a*this._scale);let l=a-o;this.object.position.addScaledVector(this._dollyDirection,l),this.object.updateMatrixWorld(),r=!!l}else if(this.object.isOrthographicCamera){let a=new R(this._mouse.x,this._mouse.y,0);a.unproject(this.object);let l=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),this.object.updateProjectionMatrix(),r=l!==this.object.zoom;let c=new R(this._mouse.x,this._mouse.y,0);c.unproject(this.object),this.object.position.sub(c).add(a),this.object.updateMatrixWorld(),o=ke.length()}else console.warn("WARNING: OrbitControls.js encountered an unknown camera type - zoom to cursor disabled."),this.zoomToCursor=!1;o!==null&&(this.screenSpacePanning?this.target.set(0,0,-1).transformDirection(this.object.matrix).multiplyScalar(o).add(this.object.position):(Al.origin.copy(this.object.position),Al.direction.set(0,0,-1).transformDirection(this.object.matrix),Math.abs(this.object.up.dot(Al.direction))<Pv?this.object.lookAt(this.target):($f.setFromNormalAndCoplanarPoint(this.object.up,this.target),Al.intersectPlane($f,this.target))))}else if(this.object.isOrthographicCamera){let o=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),o!==this.object.zoom&&(this.object.updateProjectionMatrix(),r=!0)}return this._scale=1,this._performCursorZoom=!1,r||this._lastPosition.distanceToSquared(this.object.position)>Hh||8*(1-this._lastQuaternion.dot(this.object.quaternion))>Hh||this._lastTargetPosition.distanceToSquared(this.target)>Hh?(this.dispatchEvent(Yf),this._lastPosition.copy(this.object.position),this._lastQuaternion.copy(this.object.quaternion),this._lastTargetPosition.copy(this.target),!0):!1}_getAutoRotationAngle(t){return t!==null?xn/60*this.autoRotateSpeed*t:xn/60/60*this.autoRotateSpeed}_getZoomScale(t){let e=Math.abs(t*.01);return Math.pow(.95,this.zoomSpeed*e)}_rotateLeft(t){this._sphericalDelta.theta-=t}_rotateUp(t){this._sphericalDelta.phi-=t}_panLeft(t,e){ke.setFromMatrixColumn(e,0),ke.multiplyScalar(-t),this._panOffset.add(ke)}_panUp(t,e){this.screenSpacePanning===!0?ke.setFromMatrixColumn(e,1):(ke.setFromMatrixColumn(e,0),ke.crossVectors(this.object.up,ke)),ke.multiplyScalar(t),this._panOffset.add(ke)}_pan(t,e){let i=this.domElement;if(this.object.isPerspectiveCamera){let n=this.object.position;ke.copy(n).sub(this.target);let r=ke.length();r*=Math.tan(this.object.fov/2*Math.PI/180),this._panLeft(2*t*r/i.clientHeight,this.object.matrix),this._panUp(2*e*r/i.clientHeight,this.object.matrix)}else this.object.isOrthographicCamera?(this._panLeft(t*(this.object.right-this.object.left)/this.object.zoom/i.clientWidth,this.object.matrix),this._panUp(e*(this.object.top-this.object.bottom)/this.object.zoom/i.clientHeight,this.object.matrix)):(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - pan disabled."),this.enablePan=!1)}_dollyOut(t){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale/=t:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_dollyIn(t){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale*=t:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_updateZoomParameters(t,e){if(!this.zoomToCursor)return;this._performCursorZoom=!0;let i=this.domElement.getBoundingClientRect(),n=t-i.left,r=e-i.top,o=i.width,a=i.height;this._mouse.x=n/o*2-1,this._mouse.y=-(r/a)*2+1,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()}_clampDistance(t){return Math.max(this.minDistance,Math.min(this.maxDistance,t))}_handleMouseDownRotate(t){this._rotateStart.set(t.clientX,t.clientY)}_handleMouseDownDolly(t){this._updateZoomParameters(t.clientX,t.clientY),this._dollyStart.set(t.clientX,t.clientY)}_handleMouseDownPan(t){this._panStart.set(t.clientX,t.clientY)}_handleMouseMoveRotate(t){this._rotateEnd.set(t.clientX,t.clientY),this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let e=this.domElement;this._rotateLeft(xn*this._rotateDelta.x/e.clientHeight),this._rotateUp(xn*this._rotateDelta.y/e.clientHeight),this._rotateStart.copy(this._rotateEnd),this.update()}_handleMouseMoveDolly(t){this._dollyEnd.set(t.clientX,t.clientY),this._dollyDelta.subVectors(this._dollyEnd,this._dollyStart),this._dollyDelta.y>0?this._dollyOut(this._getZoomScale(this._dollyDelta.y)):this._dollyDelta.y<0&&this._dollyIn(this._getZoomScale(this._dollyDelta.y)),this._dollyStart.copy(this._dollyEnd),this.zoomToCursor&&(this._performCursorZoom=!0,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()),this.update()}_handleMouseMovePan(t){this._panEnd.set(t.clientX,t.clientY),this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd),this.update()}_handleMouseWheel(t){this._updateZoomParameters(t.clientX,t.clientY),t.deltaY<0?this._dollyIn(this._getZoomScale(t.deltaY)):t.deltaY>0&&this._dollyOut(this._getZoomScale(t.deltaY)),this.update()}_handleKeyDown(t){let e=!1;switch(t.code){case this.keys.UP:t.ctrlKey||t.metaKey||t.shiftKey?this.enableRotate&&this._rotateUp(xn*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,this.keyPanSpeed),e=!0;break;case this.keys.BOTTOM:t.ctrlKey||t.metaKey||t.shiftKey?this.enableRotate&&this._rotateUp(-xn*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,-this.keyPanSpeed),e=!0;break;case this.keys.LEFT:t.ctrlKey||t.metaKey||t.shiftKey?this.enableRotate&&this._rotateLeft(xn*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(this.keyPanSpeed,0),e=!0;break;case this.keys.RIGHT:t.ctrlKey||t.metaKey||t.shiftKey?this.enableRotate&&this._rotateLeft(-xn*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(-this.keyPanSpeed,0),e=!0;break}e&&(t.preventDefault(),this.update())}_handleTouchStartRotate(t){if(this._pointers.length===1)this._rotateStart.set(t.pageX,t.pageY);else{let e=this._getSecondPointerPosition(t),i=.5*(t.pageX+e.x),n=.5*(t.pageY+e.y);this._rotateStart.set(i,n)}}_handleTouchStartPan(t){if(this._pointers.length===1)this._panStart.set(t.pageX,t.pageY);else{let e=this._getSecondPointerPosition(t),i=.5*(t.pageX+e.x),n=.5*(t.pageY+e.y);this._panStart.set(i,n)}}_handleTouchStartDolly(t){let e=this._getSecondPointerPosition(t),i=t.pageX-e.x,n=t.pageY-e.y,r=Math.sqrt(i*i+n*n);this._dollyStart.set(0,r)}_handleTouchStartDollyPan(t){this.enableZoom&&this._handleTouchStartDolly(t),this.enablePan&&this._handleTouchStartPan(t)}_handleTouchStartDollyRotate(t){this.enableZoom&&this._handleTouchStartDolly(t),this.enableRotate&&this._handleTouchStartRotate(t)}_handleTouchMoveRotate(t){if(this._pointers.length==1)this._rotateEnd.set(t.pageX,t.pageY);else{let i=this._getSecondPointerPosition(t),n=.5*(t.pageX+i.x),r=.5*(t.pageY+i.y);this._rotateEnd.set(n,r)}this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let e=this.domElement;this._rotateLeft(xn*this._rotateDelta.x/e.clientHeight),this._rotateUp(xn*this._rotateDelta.y/e.clientHeight),this._rotateStart.copy(this._rotateEnd)}_handleTouchMovePan(t){if(this._pointers.length===1)this._panEnd.set(t.pageX,t.pageY);else{let e=this._getSecondPointerPosition(t),i=.5*(t.pageX+e.x),n=.5*(t.pageY+e.y);this._panEnd.set(i,n)}this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd)}_handleTouchMoveDolly(t){let e=this._getSecondPointerPosition(t),i=t.pageX-e.x,n=t.pageY-e.y,r=Math.sqrt(i*i+n*n);this._dollyEnd.set(0,r),this._dollyDelta.set(0,Math.pow(this._dollyEnd.y/this._dollyStart.y,this.zoomSpeed)),this._dollyOut(this._dollyDelta.y),this._dollyStart.copy(this._dollyEnd);let o=(t.pageX+e.x)*.5,a=(t.pageY+e.y)*.5;this._updateZoomParameters(o,a)}_handleTouchMoveDollyPan(t){this.enableZoom&&this._handleTouchMoveDolly(t),this.enablePan&&this._handleTouchMovePan(t)}_handleTouchMoveDollyRotate(t){this.enableZoom&&this._handleTouchMoveDolly(t),this.enableRotate&&this._handleTouchMoveRotate(t)}_addPointer(t){this._pointers.push(t.pointerId)}_removePointer(t){delete this._pointerPositions[t.pointerId];for(let e=0;e<this._pointers.length;e++)if(this._pointers[e]==t.pointerId){this._pointers.splice(e,1);return}}_isTrackingPointer(t){for(let e=0;e<this._pointers.length;e++)if(this._pointers[e]==t.pointerId)return!0;return!1}_trackPointer(t){let e=this._pointerPositions[t.pointerId];e===void 0&&(e=new ht,this._pointerPositions[t.pointerId]=e),e.set(t.pageX,t.pageY)}_getSecondPointerPosition(t){let e=t.pointerId===this._pointers[0]?this._pointers[1]:this._pointers[0];return this._pointerPositions[e]}_customWheelEvent(t){let e=t.deltaMode,i={clientX:t.clientX,clientY:t.clientY,deltaY:t.deltaY};switch(e){case 1:i.deltaY*=16;break;case 2:i.deltaY*=100;break}return t.ctrlKey&&!this._controlActive&&(i.deltaY*=10),i}};function Iv(s){this.enabled!==!1&&(this._pointers.length===0&&(this.domElement.setPointerCapture(s.pointerId),this.domElement.ownerDocument.addEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.addEventListener("pointerup",this._onPointerUp)),!this._isTrackingPointer(s)&&(this._addPointer(s),s.pointerType==="touch"?this._onTouchStart(s):this._onMouseDown(s),this._cursorStyle==="grab"&&(this.domElement.style.cursor="grabbing")))}function Lv(s){this.enabled!==!1&&(s.pointerType==="touch"?this._onTouchMove(s):this._onMouseMove(s))}function Dv(s){switch(this._removePointer(s),this._pointers.length){case 0:this.domElement.releasePointerCapture(s.pointerId),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.dispatchEvent(Zf),this.state=se.NONE,this._cursorStyle==="grab"&&(this.domElement.style.cursor="grab");break;case 1:let t=this._pointers[0],e=this._pointerPositions[t];this._onTouchStart({pointerId:t,pageX:e.x,pageY:e.y});break}}function Nv(s){let t;switch(s.button){case 0:t=this.mouseButtons.LEFT;break;case 1:t=this.mouseButtons.MIDDLE;break;case 2:t=this.mouseButtons.RIGHT;break;default:t=-1}switch(t){case Dn.DOLLY:if(this.enableZoom===!1)return;this._handleMouseDownDolly(s),this.state=se.DOLLY;break;case Dn.ROTATE:if(s.ctrlKey||s.metaKey||s.shiftKey){if(this.enablePan===!1)return;this._handleMouseDownPan(s),this.state=se.PAN}else{if(this.enableRotate===!1)return;this._handleMouseDownRotate(s),this.state=se.ROTATE}break;case Dn.PAN:if(s.ctrlKey||s.metaKey||s.shiftKey){if(this.enableRotate===!1)return;this._handleMouseDownRotate(s),this.state=se.ROTATE}else{if(this.enablePan===!1)return;this._handleMouseDownPan(s),this.state=se.PAN}break;default:this.state=se.NONE}this.state!==se.NONE&&this.dispatchEvent(Gh)}function Uv(s){switch(this.state){case se.ROTATE:if(this.enableRotate===!1)return;this._handleMouseMoveRotate(s);break;case se.DOLLY:if(this.enableZoom===!1)return;this._handleMouseMoveDolly(s);break;case se.PAN:if(this.enablePan===!1)return;this._handleMouseMovePan(s);break}}function Fv(s){this.enabled===!1||this.enableZoom===!1||this.state!==se.NONE||(s.preventDefault(),this.dispatchEvent(Gh),this._handleMouseWheel(this._customWheelEvent(s)),this.dispatchEvent(Zf))}function Ov(s){this.enabled!==!1&&this._handleKeyDown(s)}function Bv(s){switch(this._trackPointer(s),this._pointers.length){case 1:switch(this.touches.ONE){case Ii.ROTATE:if(this.enableRotate===!1){this.state=se.NONE;break}this._handleTouchStartRotate(s),this.state=se.TOUCH_ROTATE;break;case Ii.PAN:if(this.enablePan===!1){this.state=se.NONE;break}this._handleTouchStartPan(s),this.state=se.TOUCH_PAN;break;default:this.state=se.NONE}break;case 2:switch(this.touches.TWO){case Ii.DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchStartDollyPan(s),this.state=se.TOUCH_DOLLY_PAN;break;case Ii.DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchStartDollyRotate(s),this.state=se.TOUCH_DOLLY_ROTATE;break;default:this.state=se.NONE}break;default:this.state=se.NONE}this.state!==se.NONE&&this.dispatchEvent(Gh)}function kv(s){switch(this._trackPointer(s),this.state){case se.TOUCH_ROTATE:if(this.enableRotate===!1)return;this._handleTouchMoveRotate(s),this.update();break;case se.TOUCH_PAN:if(this.enablePan===!1)return;this._handleTouchMovePan(s),this.update();break;case se.TOUCH_DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchMoveDollyPan(s),this.update();break;case se.TOUCH_DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchMoveDollyRotate(s),this.update();break;default:this.state=se.NONE}}function zv(s){this.enabled!==!1&&s.preventDefault()}function Vv(s){s.key==="Control"&&(this._controlActive=!0,this.domElement.ownerDocument.addEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}function Hv(s){s.key==="Control"&&(this._controlActive=!1,this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}yu();Su();Ee.prototype.raycast=lm;var lr=s=>getComputedStyle(document.documentElement).getPropertyValue(s).trim(),bu={planned:"--slate",loose:"--ochre",shaky:"--ochre",idle:"--hatch",put:"--slate",on:"--slate",odds:"--madder",hover:"--verdigris"},Sm=matchMedia("(prefers-reduced-motion: reduce)"),xo=class{constructor(t,e){this.view=t,this.labelBox=e,this.comps=new Map,this.hidden=new Set,this.labels=[],this.showFreedoms=!0,this.gl=new wl({antialias:!0,alpha:!0,powerPreference:"low-power"}),this.gl.setPixelRatio(Math.min(devicePixelRatio||1,2)),t.append(this.gl.domElement),this.scene=new Er,this.camera=new cn(28,1,1,1e5),this.camera.up.set(0,0,1),this.root=new hn,this.marks=new hn,this.hover=new hn,this.picked=new hn,this.scene.add(this.root,this.marks,this.hover,this.picked),this.scene.add(new zr(16777215,13221806,1.9),new Wr(16777215,.25));let i=new Gr(16777215,1.3);i.position.set(2,-3,5),this.scene.add(i),this.controls=new Cl(this.camera,this.gl.domElement),this.controls.mouseButtons={LEFT:Dn.ROTATE,MIDDLE:Dn.PAN,RIGHT:Dn.PAN},this.controls.enableDamping=!1,this.controls.zoomToCursor=!0,this.controls.addEventListener("change",()=>this.draw()),this.ray=new qr,new ResizeObserver(()=>this.resize()).observe(t),addEventListener("themechange",()=>{this.recolor(),this.freedoms(this.motions||[]),this.draw()}),this.resize()}resize(){let t=Math.max(this.view.clientWidth,1),e=Math.max(this.view.clientHeight,1);this.gl.setSize(t,e),this.camera.aspect=t/e,this.camera.updateProjectionMatrix(),this.draw()}draw(){this.asked||(this.asked=!0,requestAnimationFrame(()=>{this.asked=!1,this.fitDepth(),this.gl.render(this.scene,this.camera),this.placeLabels()}))}fitDepth(){let t=this.extent();if(!t)return;let e=this.camera.position.distanceTo(t.center);this.camera.near=Math.max(e-t.radius*2.5,e/2e3,.001),this.camera.far=e+t.radius*4,this.camera.updateProjectionMatrix()}async show(t,e){let i=new Map(t.components.filter(o=>!o.suppressed).map(o=>[o.name,o])),n=await Promise.all([...i.values()].map(async o=>[o,await Promise.all(o.shapes.map(a=>vu(a.sha)))]));for(let[o,a]of this.comps)i.has(o)||(this.root.remove(a.group),this.comps.delete(o));let r=0;for(let[o,a]of n){let l=this.comps.get(o.name),c=o.shapes.map(h=>h.sha+h.path).join();l&&l.key!==c&&(this.root.remove(l.group),this.comps.delete(o.name),l=null),l||(l=this.build(o,a,c),this.comps.set(o.name,l),this.root.add(l.group),bm(l.group,o.pose),r++),l.data=o,o.shapes.forEach((h,u)=>bm(l.shapes[u].holder,h.pose)),l.group.visible=!this.hidden.has(o.name)}this.motions=t.motions,this.goTo(Object.fromEntries([...i.values()].map(o=>[o.name,o.pose]))),!e&&r&&this.home(),this.draw()}build(t,e,i){let n=new hn,r={group:n,data:t,key:i,shapes:[]};return t.shapes.forEach((o,a)=>{let l=new hn,c=e[a],h=new Ee(c.geometry,new Br({polygonOffset:!0,polygonOffsetFactor:1,polygonOffsetUnits:1,side:fn,transparent:!1}));h.material.color=new Wt().setRGB(o.tint[0]/255,o.tint[1]/255,o.tint[2]/255,ln);let u=new Ei(c.edges,new Ji({color:lr("--ink"),transparent:!0,opacity:.75}));h.userData={k:r,i:a},l.add(h,u),n.add(l),r.shapes.push({holder:l,mesh:h,lines:u,d:c,path:o.path,tint:h.material.color.clone()})}),r}recolor(){for(let t of this.comps.values())for(let e of t.shapes)e.lines.material.color.set(lr("--ink"))}goTo(t,e){cancelAnimationFrame(this.gliding);let i=new Map,n=new Map;for(let[l,c]of Object.entries(t)){let h=this.comps.get(l);if(!h)continue;let u=new R(...c.origin),d=new sn(c.quaternion[1],c.quaternion[2],c.quaternion[3],c.quaternion[0]);h.group.position.distanceTo(u)<1e-9&&Math.abs(h.group.quaternion.dot(d))>1-1e-12||(i.set(h,[h.group.position.clone(),h.group.quaternion.clone()]),n.set(h,[u,d]))}if(!n.size){this.freedoms(this.motions||[]),e?.();return}let r=performance.now(),o=Sm.matches?0:260,a=l=>{let c=o?Math.min(1,(l-r)/o):1,h=c*c*(3-2*c);for(let[u,[d,f]]of n){let[m,y]=i.get(u);u.group.position.lerpVectors(m,d,h),u.group.quaternion.slerpQuaternions(y,f,h)}c<1?this.gliding=requestAnimationFrame(a):(this.freedoms(this.motions||[]),e?.()),this.refreshPicked(),this.draw()};a(r)}swing(t,e){cancelAnimationFrame(this.gliding);let i=(e.length-1)/2,n=performance.now(),r=Sm.matches?0:2200;return this.clearLabels("motion"),new Promise(o=>{let a=l=>{let c=r?Math.min(1,(l-n)/r):1,h=Math.max(0,Math.min(e.length-1,i+i*Math.sin(c*2*Math.PI)*(1-.12*c))),u=Math.min(Math.floor(h),e.length-1),d=Math.min(u+1,e.length-1),f=h-u;t.forEach((m,y)=>{let p=this.comps.get(m);if(!p||!e[u][y])return;let _=e[u][y],x=e[d][y];p.group.position.set(..._.origin).lerp(new R(...x.origin),f),p.group.quaternion.copy(Mu(_)).slerp(Mu(x),f)}),this.draw(),c<1?this.gliding=requestAnimationFrame(a):o()};this.gliding=requestAnimationFrame(a)})}boxOf(t,e=""){let i=new ie;t.group.updateMatrixWorld(!0);for(let n of t.shapes){if(!n.path.startsWith(e))continue;let r=n.d.geometry;r.boundingBox||r.computeBoundingBox(),i.union(r.boundingBox.clone().applyMatrix4(n.holder.matrixWorld))}return i}extent(){let t=new ie;for(let e of this.comps.values())e.group.visible&&t.union(this.boxOf(e));return t.isEmpty()?null:t.getBoundingSphere(new Ye)}corners(){let t=[];for(let e of this.comps.values())if(e.group.visible)for(let i of e.shapes){let n=i.d.geometry.boundingBox;if(n)for(let r=0;r<8;r++)t.push(new R(r&1?n.max.x:n.min.x,r&2?n.max.y:n.min.y,r&4?n.max.z:n.min.z).applyMatrix4(i.holder.matrixWorld))}return t}home(){let t=this.extent();if(!t)return;let e=new R(.62,-.72,.46).normalize(),i=t.radius/Math.sin(this.camera.fov*Math.PI/360)/Math.min(1,this.camera.aspect);this.controls.target.copy(t.center);for(let n=0;n<6;n++){this.camera.position.copy(t.center).addScaledVector(e,i),this.camera.lookAt(t.center),this.camera.updateMatrixWorld(!0);let r=0;for(let o of this.corners()){let a=o.project(this.camera);r=Math.max(r,Math.abs(a.x)/.84,Math.abs(a.y)/.72)}r>0&&(i*=1+(r-1)*.8)}this.camera.position.copy(t.center).addScaledVector(e,i),this.controls.update(),this.draw()}turn(t,e){let i=this.camera.position.clone().sub(this.controls.target);i.applyAxisAngle(new R(0,0,1),t);let n=new R().crossVectors(this.camera.up,i).normalize(),r=i.clone().applyAxisAngle(n,e);Math.abs(r.clone().normalize().z)<.995&&i.copy(r),this.camera.position.copy(this.controls.target).add(i),this.controls.update(),this.draw()}nearer(t){let e=this.camera.position.clone().sub(this.controls.target).multiplyScalar(t);this.camera.position.copy(this.controls.target).add(e),this.controls.update(),this.draw()}setHidden(t){this.hidden=t;for(let[e,i]of this.comps)i.group.visible=!t.has(e);this.freedoms(this.motions||[]),this.draw()}light(t){let e=t&&new Set(t);for(let[i,n]of this.comps)for(let r of n.shapes){let o=e&&!e.has(i);r.mesh.material.transparent=o,r.mesh.material.opacity=o?.18:1,r.mesh.material.depthWrite=!o,r.lines.material.opacity=o?.15:.75,r.mesh.material.needsUpdate=!0}this.draw()}project(t){let e=t.clone().project(this.camera);return new ht((e.x+1)/2*this.view.clientWidth,(1-e.y)/2*this.view.clientHeight)}candidates(t,e,i){let n=this.view.clientWidth,r=this.view.clientHeight;this.ray.setFromCamera(new ht(t/n*2-1,1-e/r*2),this.camera);let o=[];for(let y of this.comps.values())if(y.group.visible)for(let p of y.shapes)o.push(p.mesh);let a=this.ray.intersectObjects(o,!1),l=[],c=new Set,h=(y,p,_,x)=>{let S=gS(y,p,_);c.has(S)||!wu(i,_)||(c.add(S),l.push({k:y,s:p,f:_,ref:S,score:x}))},u=a.length?a[0].distance:1/0,d=new ht(t,e),f=9,m=new kt;for(let y of this.comps.values())if(y.group.visible)for(let p of y.shapes){let _=p.d.geometry;if(!_.boundingSphere||!isFinite(_.boundingSphere.radius))continue;let x=_.boundingSphere.center.clone().applyMatrix4(p.holder.matrixWorld);if(this.ray.ray.distanceToPoint(x)>_.boundingSphere.radius*1.05+this.pixel(x)*f)continue;m.multiplyMatrices(this.camera.projectionMatrix,this.camera.matrixWorldInverse).multiply(p.holder.matrixWorld);let S=(v,M)=>this.camera.position.distanceTo(v)<=u*(1+.001)+M;for(let[v,M]of p.d.byEdge){let[w,g]=p.d.lineRange(v),b=1/0,C=null,T=null,P=null;for(let U=w;U<g;U++){let L=new R(p.d.lines[3*U],p.d.lines[3*U+1],p.d.lines[3*U+2]),k=L.clone().applyMatrix4(m),H=new ht((k.x+1)/2*n,(1-k.y)/2*r);if(T){let[q,it]=_S(d,T,H);q<b&&(b=q,C=P.clone().lerp(L,it))}T=H,P=L}if(b>f)continue;C.applyMatrix4(p.holder.matrixWorld);let I=S(C,_.boundingSphere.radius*.02+this.pixel(C)*3);h(y,p,M,I?b<5?-10+b:2+b:300+b)}for(let v of p.d.points){let M=v.at.clone().applyMatrix4(p.holder.matrixWorld),w=this.project(M).distanceTo(d);w<f&&h(y,p,v,S(M,this.pixel(M)*3)?w<5?-20+w:20+w:400+w)}}return a.forEach((y,p)=>{let{k:_,i:x}=y.object.userData,S=_.shapes[x],v=S.d.byFace.get(S.d.faceOf(y.faceIndex));v&&h(_,S,v,p===0?0:50+p)}),l.sort((y,p)=>y.score-p.score),l.slice(0,24)}partAt(t,e){this.ray.setFromCamera(new ht(t/this.view.clientWidth*2-1,1-e/this.view.clientHeight*2),this.camera);let i=[];for(let h of this.comps.values())if(h.group.visible)for(let u of h.shapes)i.push(u.mesh);let n=this.ray.intersectObjects(i,!1)[0];if(!n)return null;let{k:r,i:o}=n.object.userData,a=r.shapes[o],l=a.path.replace(/\/$/,""),c=r.data.base===void 0?r.data.name:`${r.data.name}/${l}`;return{k:r,at:n.point,name:c,frame:r.data.base===void 0?r.group:a.holder}}part(t){let[e,...i]=t.split("/"),n=this.comps.get(t)||this.comps.get(e);if(!n||!n.group.visible)return null;let r=!i.length||i.join("/")===n.data.base?"":i.join("/")+"/",o=n.shapes.find(a=>a.path.startsWith(r));return o?{frame:r?o.holder:n.group,middle:this.boxOf(n,r).getCenter(new R)}:null}beside(t,e,i){let n=new R,r=new R;this.camera.matrixWorld.extractBasis(n,r,new R);let o=this.pixel(t);return t.clone().addScaledVector(n,e*o).addScaledVector(r,i*o)}across(t,e,i){this.ray.setFromCamera(new ht(t/this.view.clientWidth*2-1,1-e/this.view.clientHeight*2),this.camera);let n=this.camera.getWorldDirection(new R),r=this.ray.ray.direction;return this.ray.ray.origin.clone().addScaledVector(r,i.clone().sub(this.ray.ray.origin).dot(n)/r.dot(n))}put(t,e,i){cancelAnimationFrame(this.gliding),rc(this.marks),this.clearLabels("motion");let n=(l,c)=>{l.position.set(c[0],c[1],c[2]),l.quaternion.set(c[4],c[5],c[6],c[3])},r=[];t.forEach((l,c)=>{let h=e.subarray(7*c,7*c+7),[u,...d]=l.split("/"),f=this.comps.get(l)||this.comps.get(u);f&&(!d.length||d.join("/")===f.data.base?(n(f.group,h),f.group.updateMatrixWorld(!0)):r.push([f,d.join("/")+"/",h]))});let o=new hn,a=new kt;for(let[l,c,h]of r)for(let u of l.shapes)u.path===c&&(n(o,h),o.updateMatrix(),a.copy(l.group.matrixWorld).invert().multiply(o.matrix).decompose(u.holder.position,u.holder.quaternion,u.holder.scale),u.holder.updateMatrixWorld(!0));if(i){let l=new In(new Te().setFromPoints(i),new ji({color:lr("--slate"),dashSize:this.pixel(i[0])*6,gapSize:this.pixel(i[0])*4,depthTest:!1,transparent:!0}));l.computeLineDistances(),l.renderOrder=8,this.marks.add(l)}this.refreshPicked(),this.draw()}pixel(t){return 2*this.camera.position.distanceTo(t)*Math.tan(this.camera.fov*Math.PI/360)/this.view.clientHeight}find(t){let e=t.split("/"),i=e.pop();if(e[0]==="@")return{k:null,s:null,f:{n:i,k:{xy:"plane",yz:"plane",zx:"plane",origin:"frame"}[i]||"axis",label:i,at:new R},ref:t};let n=this.comps.get(e[0]);if(!n)return null;let r=e.slice(1).map(l=>l+"/").join(""),o=n.shapes.find(l=>l.path===r);if(!o)return null;let a=o.d.byName.get(i);return a?{k:n,s:o,f:a,ref:t}:null}spot(t){let e=t.f.at.clone();if(t.f.edge>=0){let[i,n]=t.s.d.lineRange(t.f.edge),r=i+Math.floor((n-i)*.6);r<n&&e.set(t.s.d.lines[3*r],t.s.d.lines[3*r+1],t.s.d.lines[3*r+2])}return e.applyMatrix4(t.s.holder.matrixWorld)}outline(t,e,i){if(!t||!t.s)return;let{s:n,f:r}=t;n.holder.updateWorldMatrix(!0,!0);let o=a=>{a.matrixAutoUpdate=!1,a.matrix.copy(n.holder.matrixWorld),a.renderOrder=5,i.add(a)};if(r.face>=0){let[a,l]=n.d.faceRange(r.face),c=new Te;c.setAttribute("position",n.d.geometry.getAttribute("position")),c.setIndex(new we(n.d.indices.slice(a,l),1)),o(new Ee(c,new ui({color:e,transparent:!0,opacity:.5,side:fn,depthWrite:!1,polygonOffset:!0,polygonOffsetFactor:-1,polygonOffsetUnits:-2})))}if(r.edge>=0){let[a,l]=n.d.lineRange(r.edge),c=[];for(let h=a;h<l;h++)c.push(new R(n.d.lines[3*h],n.d.lines[3*h+1],n.d.lines[3*h+2]));if(c.length>1){let h=this.pixel(r.at.clone().applyMatrix4(n.holder.matrixWorld))*1.6;o(new Ee(new Ns(new Ki(c,!1,"centripetal"),Math.max(8,c.length*2),h,5),new ui({color:e,depthTest:!1,transparent:!0})))}}if(r.dir&&r.k!=="plane"&&!(r.edge>=0&&r.k==="axis")){let a=r.ends?new R(...r.ends[0]).distanceTo(new R(...r.ends[1]))*.75+(r.r||1):(r.r||5)*2.2,l=new Te().setFromPoints([r.at.clone().addScaledVector(r.dir,-a),r.at.clone().addScaledVector(r.dir,a)]),c=new In(l,new ji({color:e,dashSize:a/9,gapSize:a/18,depthTest:!1,transparent:!0}));c.computeLineDistances(),o(c)}(r.vertex>=0||r.k==="circle"||r.k==="sphere")&&o(new Ai(new Te().setFromPoints([r.at]),new Ls({color:e,size:8,sizeAttenuation:!1,depthTest:!1,transparent:!0})))}setHover(t){rc(this.hover),t&&this.outline(t,lr(bu.hover),this.hover),this.draw()}setPicked(t){this.pickList=t,this.refreshPicked(),this.draw()}refreshPicked(){rc(this.picked),this.clearLabels("pick");for(let{c:t,role:e}of this.pickList||[])t?.s&&(this.outline(t,lr(bu[e]),this.picked),this.label("pick",e==="put"?"put this":"on this",()=>t.f.at.clone().applyMatrix4(t.s.holder.matrixWorld),e))}freedoms(t){if(rc(this.marks),this.clearLabels("motion"),!this.showFreedoms||this.previewing)return;let e=new Map,i=0;t.forEach((n,r)=>{let o=this.comps.get(n.rides[0])||this.comps.get((n.rides[0]||"").split("/")[0]);if(!o||!o.group.visible||i>40||n.class==="idle"&&t.length>12)return;if(o.data.left===6&&n.rides.length===1){if(!e.has(n.rides[0])){e.set(n.rides[0],1);let p=this.boxOf(o).getCenter(new R);this.label("motion","free",()=>p,n.class,r)}return}i++;let a=this.boxOf(o,this.comps.has(n.rides[0])?"":n.rides[0].slice(o.data.name.length+1)+"/").getBoundingSphere(new Ye),l=lr(bu[n.class]),c=new R(...n.direction),h=e.get(n.rides[0])||0;e.set(n.rides[0],h+1);let u=Math.max(a.radius,.001),d=p=>new Ee(new Ns(new Ki(p),Math.max(2,p.length),u*.014,6),new ui({color:l,depthTest:!1,transparent:!0,opacity:.95})),f=(p,_)=>{let x=new Ee(new Nr(u*.05,u*.13,12),new ui({color:l,depthTest:!1,transparent:!0}));return x.position.copy(p),x.quaternion.setFromUnitVectors(new R(0,1,0),_.clone().normalize()),x},m;if(n.kind==="slide"){let p=a.center.clone().addScaledVector(c,-u*.5),_=a.center.clone().addScaledVector(c,u*1.05);this.marks.add(d([p,_]),f(_,c)),m=_.clone().addScaledVector(c,u*.15)}else{let p=new R(...n.point),_=p.clone().addScaledVector(c,a.center.clone().sub(p).dot(c)).addScaledVector(c,u*.35),x=a.center.clone().sub(p);x.addScaledVector(c,-x.dot(c));let S=Math.min(Math.max(u*.5,.2*u),u)*(1+.12*h),v=x.length()>1e-6*u?x.normalize():new R(0,0,1).cross(c).lengthSq()>1e-6?new R(0,0,1).cross(c).normalize():new R(1,0,0),M=c.clone().cross(v),w=[],g=n.kind==="screw"?Math.sign(n.pitch_mm)*u*.3:0;for(let C=0;C<=28;C++){let T=-1.2+3.6*C/28;w.push(_.clone().addScaledVector(v,S*Math.cos(T)).addScaledVector(M,S*Math.sin(T)).addScaledVector(c,g*C/28))}this.marks.add(d(w),f(w[28],w[28].clone().sub(w[27])));let b=new In(new Te().setFromPoints([_.clone().addScaledVector(c,-u*1.3),_.clone().addScaledVector(c,u*.8)]),new ji({color:l,dashSize:u*.08,gapSize:u*.05,depthTest:!1,transparent:!0}));b.computeLineDistances(),this.marks.add(b),m=w[20]}let y=n.rides.length>1?` · ${n.rides.length} ride`:"";(n.class!=="idle"||t.length<4)&&this.label("motion",`${n.kind} · ${n.class}${y}`,()=>m,n.class,r)});for(let n of this.marks.children)n.renderOrder=8}label(t,e,i,n){let r=document.createElement("span");r.textContent=e,r.className=`l-${n}`,this.labelBox.append(r),this.labels.push({kind:t,el:r,where:i})}clearLabels(t){this.labels=this.labels.filter(e=>(e.kind===t&&e.el.remove(),e.kind!==t))}placeLabels(){let t=[];for(let e of this.labels){let i=this.project(e.where()),n=e.el.offsetWidth||80,r=22,o=Math.max(4,Math.min(this.view.clientWidth-n-4,i.x+10)),a=Math.max(44,Math.min(this.view.clientHeight-r-44,i.y-11));for(let l=0;l<24&&t.some(c=>o<c[0]+c[2]&&c[0]<o+n&&a<c[1]+r&&c[1]<a+r);l++)a=a+23>this.view.clientHeight-r-4?44:a+23;t.push([o,a,n]),e.el.style.transform=`translate(${Math.round(o)}px, ${Math.round(a)}px)`}}};function gS(s,t,e){return`${s.data.name}/${t.path}${e.n}`}function wu(s,t){switch(s){case"face":return t.face>=0;case"axis":return!!t.dir&&t.k!=="plane"&&t.k!=="circle";case"rim":return t.k==="circle";case"point":return t.vertex>=0||t.k==="sphere"}return!0}function bm(s,t){s.position.set(...t.origin),s.quaternion.copy(Mu(t)),s.updateMatrixWorld(!0)}function Mu(s){return new sn(s.quaternion[1],s.quaternion[2],s.quaternion[3],s.quaternion[0])}function rc(s){for(let t of[...s.children])s.remove(t),t.geometry&&!t.geometry.boundsTree&&(!t.geometry.index||!t.isMesh)&&t.geometry.dispose(),t.material?.dispose?.()}function _S(s,t,e){let i=e.clone().sub(t),n=i.lengthSq(),r=n?Math.max(0,Math.min(1,s.clone().sub(t).dot(i)/n)):0;return[s.distanceTo(t.clone().addScaledVector(i,r)),r]}var oc=class{constructor(t,e,i){this.form=t,this.stage=e,this.call=i,this.slots={put:null,on:null},this.offers=[],this.chosen=-1,this.sense="",this.inputs=Object.fromEntries(["put","on"].map(r=>[r,t.querySelector(`[data-slot="${r}"] input`)])),this.choices=t.querySelector("#choices"),this.offerBox=t.querySelector("#offers"),this.hint=t.querySelector("#hint"),this.value=t.querySelector("#value"),this.post=t.querySelector("#post"),t.addEventListener("submit",r=>{r.preventDefault(),this.send()});for(let r of["put","on"])this.typing(r);this.offerBox.addEventListener("click",r=>{let o=r.target.closest(".offer");o&&this.choose(+o.dataset.k)}),this.offerBox.addEventListener("keydown",r=>{let o={ArrowRight:1,ArrowDown:1,ArrowLeft:-1,ArrowUp:-1}[r.key];o&&(r.preventDefault(),this.choose((this.chosen+o+this.offers.length)%this.offers.length),this.offerBox.children[this.chosen]?.focus())});let n;this.value.addEventListener("input",()=>{clearTimeout(n),n=setTimeout(()=>this.preview(),250)}),this.tell()}get next(){return this.slots.put?this.slots.on?null:"on":"put"}pick(t){let e=this.next||"on";this.fill(e,t)}async fill(t,e){if(t==="on"&&this.slots.put&&e.k&&this.slots.put.k===e.k){this.say(`Both picks are on ${e.k.data.name}; pick the second one on another part.`,!0);return}this.slots[t]=e,this.sense="",this.inputs[t].value=cr(e),this.inputs[t].title=cr(e),this.closeChoices(),this.mark(),await this.ask()}stepBack(){let t=this.slots.on?"on":this.slots.put?"put":null;return t?(this.slots[t]=null,this.inputs[t].value="",this.sense="",this.offers=[],this.chosen=-1,this.mark(),this.render(),this.tell(),this.stage.home0?.(),this.unpreview(),!0):!1}clear(){return!this.slots.put&&!this.slots.on&&!this.inputs.put.value&&!this.inputs.on.value?!1:(this.slots={put:null,on:null},this.inputs.put.value=this.inputs.on.value="",this.offers=[],this.chosen=-1,this.sense="",this.closeChoices(),this.mark(),this.render(),this.tell(),this.unpreview(),!0)}unpreview(){this.state&&this.stage.goTo(Object.fromEntries(this.state.components.map(t=>[t.name,t.pose])))}mark(){this.stage.setPicked(["put","on"].filter(t=>this.slots[t]).map(t=>({c:this.slots[t],role:t})))}tell(){for(let t of["put","on"])this.inputs[t].parentElement.classList.toggle("next",this.next===t);this.slots.put?this.slots.on||this.say(this.slots.put.k?.data.grounded?`${this.slots.put.k.data.name} is grounded, so what is picked next will move to it.`:"Now pick what it goes on."):this.say("Pick the feature that is to be put somewhere: what is picked first moves.")}say(t,e){this.hint.textContent=t,this.hint.classList.toggle("bad",!!e)}async ask(){if(this.tell(),!this.slots.put||!this.slots.on)return;let t=this.turn=(this.turn||0)+1;this.say("Trying what fits …"),this.form.setAttribute("aria-busy","true");try{let e=await this.call("offers",{Put:this.slots.put.ref,On:this.slots.on.ref,Sense:this.sense});if(t!==this.turn)return;this.offers=e,this.render(),e.length?this.choose(0):this.say("No relation fits these two features.",!0)}catch(e){t===this.turn&&(this.offers=[],this.render(),this.say(e.message,!0))}finally{this.form.removeAttribute("aria-busy")}}render(){this.offerBox.replaceChildren(...this.offers.map((t,e)=>{let i=document.createElement("button");i.type="button",i.className="offer"+(t.odds?" odd":""),i.dataset.k=e,i.dataset.type=t.type,i.setAttribute("role","radio"),i.setAttribute("aria-checked","false"),i.tabIndex=e===0?0:-1;let n=document.createElement("b");n.textContent=t.label;let r=document.createElement("span");r.className="ba",r.textContent=t.odds?"cannot hold":`${t.before} → ${t.after}`;let o=document.createElement("span");return o.className="key",o.textContent=e<9?e+1:"",i.append(o,n,r),i})),this.form.querySelector("#legend").hidden=this.offers.length>0,this.offers.length||(this.chosen=-1,this.extras(null),this.post.disabled=!0)}extras(t){let e=(r,o)=>{for(let a of this.form.querySelectorAll(`[data-extra="${r}"]`))a.hidden=!o};e("facing",!!t?.sense),e("value",t?.value!=null),e("joint",!!t?.joint&&t.type!=="spherical");let i={revolute:["Let","turn about"],prismatic:["Let","slide along"],cylindrical:["Let","turn and slide on"]}[t?.type]||["Put","on"];["put","on"].forEach((r,o)=>{this.form.querySelector(`[data-word="${r}"]`).textContent=i[o]});let n=this.stage.previewing;this.stage.previewing=!!t,n&&!t&&(this.stage.freedoms(this.stage.motions||[]),this.stage.draw()),t?.sense&&(this.form.querySelector(".slotbutton").textContent=t.sense==="same"?"the same way":"opposite"),t?.value!=null&&(this.value.value=yS(t.value),this.form.querySelector("#unit").textContent=t.unit),t?.joint&&(this.form.querySelector("#junit").textContent=t.unit)}choose(t){let e=this.offers[t];e&&(this.chosen=t,[...this.offerBox.children].forEach((i,n)=>{i.setAttribute("aria-checked",n===t),i.tabIndex=n===t?0:-1}),this.offerBox.children[t].scrollIntoView({block:"nearest",inline:"nearest"}),this.extras(e),this.post.disabled=!1,this.tellOffer(e),this.stage.goTo(e.poses))}tellOffer(t){let e=[];t.note&&e.push(t.note),e.push(`leaves ${t.leaves}`),t.moves.length?e.push(t.moves.length===1?`moves ${t.moves[0]}`:`moves ${t.moves.length} parts`):e.push("moves nothing"),t.doubled>0&&e.push(`${t.doubled} of ${t.asked} repeat others`),this.say(t.odds?`${t.label}: ${t.odds}`:e.join(" · "),!!t.odds)}async preview(){let t=this.offers[this.chosen];if(!t)return;let e=this.act();if(!e)return;let i=this.turn=(this.turn||0)+1;try{let n=await this.call("try",e);if(i!==this.turn)return;Object.assign(t,{...n,label:t.label,unit:t.unit,joint:t.joint,note:t.note,value:t.value}),this.offerBox.children[this.chosen].querySelector(".ba").textContent=t.odds?"cannot hold":`${t.before} → ${t.after}`,t.sense&&(this.form.querySelector(".slotbutton").textContent=t.sense==="same"?"the same way":"opposite"),this.tellOffer(t),this.stage.goTo(t.poses)}catch(n){i===this.turn&&this.say(n.message,!0)}}flip(){let t=this.offers[this.chosen];t?.sense&&(t.sense=t.sense==="same"?"opposed":"same",this.preview())}act(){let t=this.offers[this.chosen],e={do:"relate",type:t.type,put:this.slots.put.ref,on:this.slots.on.ref,sense:t.sense||""};if(t.value!=null){let i=ac(this.value.value);if(i===null)return this.say("Write a number, such as 12.5.",!0),null;e.value=i}return e}async send(){let t=this.offers[this.chosen];if(!t||this.post.disabled)return;let e=this.act();if(e){if(t.joint){for(let[i,n]of[["lo","#lo"],["hi","#hi"]]){let r=this.form.querySelector(n).value.trim();if(r){let o=ac(r);if(o===null){this.say("Limits are numbers, or left empty.",!0);return}e[i]=o}}e.mean=this.form.querySelector("#mean").checked}this.post.disabled=!0,await this.onpost(e)?(this.slots={put:null,on:null},this.inputs.put.value=this.inputs.on.value="",this.form.querySelector("#lo").value=this.form.querySelector("#hi").value="",this.offers=[],this.mark(),this.render(),this.tell(),document.activeElement===this.inputs.on&&this.inputs.put.focus()):this.post.disabled=!1}}typing(t){let e=this.inputs[t],i=-1,n=[],r=()=>(n=this.search(e.value,t),i=n.length?0:-1,this.choices.replaceChildren(...n.map((o,a)=>{let l=document.createElement("li");return l.id=`choice-${a}`,l.setAttribute("role","option"),l.setAttribute("aria-selected",a===0),l.textContent=cr(o),l.addEventListener("mousedown",c=>{c.preventDefault(),this.fill(t,o)}),l.addEventListener("mouseenter",()=>this.stage.setHover(o)),l})),this.choices.hidden=!n.length,e.setAttribute("aria-expanded",!this.choices.hidden),i>=0&&e.setAttribute("aria-activedescendant","choice-0"),n.length>0||!e.value.trim());e.addEventListener("input",()=>{this.slots[t]&&(this.slots[t]=null,this.offers=[],this.render(),this.mark()),r()?this.tell():this.say("Nothing here is called so. Try the part's name and a word such as hole, face or rim.",!0)}),e.addEventListener("focus",()=>e.select()),e.addEventListener("keydown",o=>{if(o.key==="ArrowDown"||o.key==="ArrowUp"){if(o.preventDefault(),this.choices.hidden){r();return}i=(i+(o.key==="ArrowDown"?1:-1)+n.length)%n.length,[...this.choices.children].forEach((a,l)=>a.setAttribute("aria-selected",l===i)),this.choices.children[i].scrollIntoView({block:"nearest"}),e.setAttribute("aria-activedescendant",`choice-${i}`),this.stage.setHover(n[i])}else o.key==="Enter"&&!this.choices.hidden&&n[i]?(o.preventDefault(),this.stage.setHover(null),this.fill(t,n[i]),(t==="put"?this.inputs.on:this.post).focus()):o.key==="Escape"&&!this.choices.hidden&&(o.stopPropagation(),this.closeChoices())}),e.addEventListener("blur",()=>setTimeout(()=>{document.activeElement!==e&&(this.closeChoices(),this.stage.setHover(null))},120))}closeChoices(){this.choices.hidden=!0;for(let t of Object.values(this.inputs))t.setAttribute("aria-expanded","false")}search(t,e){let i=t.toLowerCase().split(/[\s·›]+/).filter(Boolean),n=[],r=this.slots[e==="put"?"on":"put"],o=a=>{let l=cr(a).toLowerCase()+" "+a.ref.toLowerCase();i.every(c=>l.includes(c))&&n.push(a)};for(let a of this.stage.comps.values())if(!(r&&r.k===a)){for(let l of a.shapes){for(let c of l.d.head.features)c.vertex<0&&wu(this.filter||"all",c)&&o({k:a,s:l,f:c,ref:`${a.data.name}/${l.path}${c.n}`});for(let c of l.d.byName.values())c.built&&i.length&&o({k:a,s:l,f:c,ref:`${a.data.name}/${l.path}${c.n}`})}if(n.length>200)break}for(let a of["xy","yz","zx","x","y","z","origin"])o(this.stage.find(`@/${a}`));return n.slice(0,60)}};function cr(s){if(!s.k)return`${s.f.n==="origin"?"origin":s.f.n+(s.f.k==="plane"?" plane":" axis")} · the assembly`;let t=s.f.built?"":` (${s.f.n})`;return`${s.where?s.where+" of ":""}${xS(s.f)} · ${s.k.data.name}${s.s.path?" › "+s.s.path.replace(/\/$/,"").replaceAll("/"," › "):""}${t}`}function xS(s){return s.k==="cylinder"?`axis of ${s.label}`:s.label}var yS=s=>String(Math.round(s*1e4)/1e4);function ac(s){let t=Number(s.trim().replace(",",".").replace("−","-"));return s.trim()===""||!isFinite(t)?null:t}Ce();var lc=class{constructor(){this.worker=new Worker("/static/dist/core-worker.js",{type:"module"}),this.waiting=new Map,this.next=1,this.names=[],this.movable=[],this.worker.onmessage=({data:t})=>{let e=this.waiting.get(t.id);this.waiting.delete(t.id),t.error?e?.failed(new Error(t.error)):e?.done(t)},this.worker.onerror=t=>{for(let e of this.waiting.values())e.failed(new Error(t.message||"the core could not be started"));this.waiting.clear()},this.loaded=this.ask("load",{url:"/static/dist/core.wasm"})}ask(t,e){let i=this.next++;return new Promise((n,r)=>{this.waiting.set(i,{done:n,failed:r}),this.worker.postMessage({task:t,id:i,...e})})}async open(t){await this.loaded;let{names:e,movable:i,poses:n}=await this.ask("open",{document:t});return this.names=e,this.movable=i,n}grab(t,e){return this.ask("grab",{index:this.names.indexOf(t),point:e})}pull(t){return this.ask("pull",{to:t})}close(){this.worker.terminate()}};var cc=class{constructor(t){this.b=t,this.on=!1,this.seq=null}async toggle(t=!this.on){if(this.on=t,this.b.view.classList.toggle("tug",t),this.b.shown(t),!t){this.letGo(!1);return}await this.ready()}async ready(){let t=this.b.state().seq;if(this.seq===t)return!0;try{this.live||(this.live=new lc);let e=await fetch(`/a/${this.b.asm}/bare`);if(!e.ok)throw new Error("the assembly could not be fetched");return await this.live.open(await e.text()),this.seq=t,!0}catch(e){return this.live?.close(),this.live=null,this.seq=null,this.b.tell(`Parts cannot be pulled about here: ${e.message}`,!0),this.on&&this.toggle(!1),!1}}named(t){let{name:e,base:i}=t.k.data;return i!==void 0&&this.live&&!this.live.names.includes(t.name)?`${e}/${i}`:t.name}movable(t){return!!this.live?.movable[this.live.names.indexOf(t)]}says(t,e){let i=this.b.stage.partAt(t,e);if(!i)return"";let n=this.named(i);return this.movable(n)?`${yo(n)} · pull`:`${yo(n)} · cannot move`}take(t,e){let i=this.b.stage.partAt(t,e);if(!this.on||!i||!this.live||this.seq!==this.b.state().seq)return!1;let n=this.named(i);if(!this.movable(n))return this.b.tell(`${yo(n)} cannot move.`),!0;let r=i.frame.worldToLocal(i.at.clone());return this.held={name:n,frame:i.frame,own:r,at:i.at.clone(),moved:!1},this.b.stage.controls.enabled=!1,this.grabbed=this.live.grab(n,r.toArray()).catch(o=>{this.b.tell(o.message,!0),this.letGo(!1)}),!0}next(){if(!this.live||this.seq!==this.b.state().seq)return;let t=this.live.names.filter(n=>this.movable(n)&&this.b.stage.part(n));if(!t.length){this.b.tell("Nothing here can move.");return}this.letGo(!0);let e=t[(t.indexOf(this.by)+1)%t.length],i=this.b.stage.part(e);this.by=e,this.held={name:e,frame:i.frame,own:i.frame.worldToLocal(i.middle.clone()),at:i.middle,moved:!1,keys:!0},this.b.light(e.split("/")[0]),this.b.says(`${yo(e)} is held · arrows pull it, Enter parks it, Escape puts it back`),this.grabbed=this.live.grab(e,this.held.own.toArray()).catch(n=>{this.b.tell(n.message,!0),this.letGo(!1)})}nudge(t,e){let i=this.held;i&&(i.at=this.b.stage.beside(i.at,t*14,e*14),this.pull(i.at))}move(t,e){this.held&&!this.held.keys&&this.pull(this.b.stage.across(t,e,this.held.at))}async pull(t){if(this.want=t,!this.busy){this.busy=!0;try{for(await this.grabbed;this.want&&this.held;){let e=this.want;this.want=null;let i=await this.live.pull(e.toArray());if(!this.held)break;this.last=i,this.held.moved=!0;let n=this.held.own.clone();this.b.stage.put(this.live.names,i.poses,null),this.held.frame.localToWorld(n);let r=n.distanceTo(e)>this.b.stage.pixel(n)*4;this.b.stage.put(this.live.names,i.poses,r?[n,e]:null),this.b.says(`pulling ${yo(this.held.name)}${r?" · it comes no nearer":""} · let go to park it, Escape to put it back`)}}catch(e){this.b.tell(e.message,!0),this.letGo(!1)}finally{this.busy=!1}}}letGo(t){let e=this.held;if(!e||(this.held=null,this.want=null,this.b.stage.controls.enabled=!0,e.keys&&this.b.light(null),this.b.says(""),!e.moved))return;if(!t){this.seq=null,this.b.restore(),this.ready();return}let i={},n=new Map(this.b.state().components.map(o=>[o.name,o.pose])),r=new Map(this.b.state().components.filter(o=>o.base!==void 0).map(o=>[`${o.name}/${o.base}`,o.name]));if(this.live.names.forEach((o,a)=>{let l=r.get(o)||o,c=n.get(l);if(!c)return;let h=this.last.poses.subarray(7*a,7*a+7);(new R(h[0],h[1],h[2]).distanceTo(new R(...c.origin))>1e-9||Math.abs(c.quaternion[0]*h[3]+c.quaternion[1]*h[4]+c.quaternion[2]*h[5]+c.quaternion[3]*h[6])<1-1e-14)&&(i[l]={origin:[h[0],h[1],h[2]],quaternion:[h[3],h[4],h[5],h[6]]})}),!Object.keys(i).length){this.seq=null,this.b.refresh(),this.b.tell("What moves in a subassembly is parked on its own Bench; here it goes back."),this.ready();return}this.b.park(e.name,i).then(o=>{o||(this.seq=null,this.b.restore()),this.ready()})}},yo=s=>s.replaceAll("/"," › ");async function Mm(s){let t=N=>document.querySelector(N),e=t("#account"),i=t("#view"),n=t("#under"),r=t("#said"),o=null,a,l=new Set,c="all",h=[],u=0,d=0,f=null,m=null;async function y(N,z,tt="POST"){let xt;try{xt=await fetch(`/a/${s}/${N}`,{method:tt,headers:{"Content-Type":"application/json",Accept:"application/json"},body:tt==="POST"?JSON.stringify(z):void 0})}catch{throw new Error("The server does not answer. Nothing was changed; try again.")}if(xt.status===204)return null;let Bt;try{Bt=await xt.json()}catch{Bt={}}if(!xt.ok){let F=new Error(Bt.error||"That did not work.");throw F.status=xt.status,F}return Bt}function p(N,z){r.textContent=N,r.classList.toggle("bad",!!z),r.hidden=!1,clearTimeout(p.t),p.t=setTimeout(()=>{r.hidden=!0},z?7e3:3200)}try{a=new xo(i,t("#labels"))}catch{t("#lost").hidden=!1,a=new Tu}let _=new oc(t("#saying"),a,y);_.onpost=N=>g(N);async function x(N,z){let tt=o===null;o=N,_.state=N,t("#balance").innerHTML=N.balance;let xt=S(document.activeElement),Bt=e.scrollTop;e.innerHTML=N.account;for(let F of e.querySelectorAll(".line"))l.has(F.dataset.component)&&H(F,!0);e.scrollTop=Bt,xt?.();for(let[F,ve]of[["undo",N.undo],["redo",N.redo]]){let le=t(`[data-act="${F}"]`);le.disabled=!ve,le.title=ve?`${F==="undo"?"Take back":"Do again"}: ${ve}`:"nothing to "+(F==="undo"?"take back":"do again")}t("#empty").hidden=N.components.length>0,m=null,a.light(null),await a.show(N,z&&!tt),N.said&&p(N.said),N.note&&p(N.note,!0),document.body.dataset.seq=N.seq,T.on&&!T.held&&T.ready()}function S(N){if(!N||!e.contains(N))return null;let z=N.closest(".line")?.dataset.component,tt=N.closest(".mate")?.dataset.mate,xt=N.dataset?.act,Bt=N.dataset?.end;return()=>{for(let F of e.querySelectorAll("[data-act]"))if(F.dataset.act===xt&&F.dataset.end===Bt&&F.closest(".line")?.dataset.component===z&&F.closest(".mate")?.dataset.mate===tt){F.focus({preventScroll:!0});return}e.focus({preventScroll:!0})}}let v=!1;async function M(N,z,tt){if(v)return!1;v=!0,document.body.setAttribute("aria-busy","true");let xt=crypto.getRandomValues(new Uint32Array(4)).join("-").slice(0,40);try{let Bt=await w(()=>y(N,{...z,base:o.seq,token:xt}));return await x(Bt.later?await w(()=>y("state",null,"GET")):Bt,tt),Bt.later&&Bt.said&&p(Bt.said),!0}catch(Bt){return p(Bt.message,!0),Bt.status===409&&await x(await y("state",null,"GET"),!0),!1}finally{v=!1,document.body.removeAttribute("aria-busy")}}async function w(N){for(let z=1;;z++)try{return await N()}catch(tt){if(z===4||tt.status!==503&&tt.status!==void 0)throw tt;await new Promise(xt=>setTimeout(xt,400*z))}}let g=(N,z=!0)=>M("do",N,z);function b(N){v||!(N==="undo"?o.undo:o.redo)||(_.clear(),M(N,{},!0))}async function C(){if(!(!o||v||T.held||document.visibilityState!=="visible")){v=!0;try{let N=await y(`state?since=${o.seq}`,null,"GET");N&&(await x(N,!0),p("This was changed in another window; here is how it stands now."))}catch(N){p(N.message,!0)}finally{v=!1}}}addEventListener("focus",C),document.addEventListener("visibilitychange",C);let T=new cc({asm:s,stage:a,view:i,tell:p,state:()=>o,light:N=>a.light(N&&[N]),says:N=>{n.hidden=!N,n.textContent=N},park:(N,z)=>g({do:"park",name:N,poses:z}),refresh:()=>a.show(o,!0),restore:()=>a.show(o,!0),shown:N=>{t('[data-act="tug"]').setAttribute("aria-pressed",N),N&&i.focus({preventScroll:!0}),h=[],I(),N&&p("Pull a part to see what it can do; N takes the next one by keys. Escape ends it.")}});i.addEventListener("pointerdown",N=>{if(!T.on||N.button!==0)return;let z=i.getBoundingClientRect();T.take(N.clientX-z.left,N.clientY-z.top)&&(N.stopPropagation(),T.held&&i.setPointerCapture(N.pointerId))},!0),i.addEventListener("pointermove",N=>{if(T.held){let z=i.getBoundingClientRect();T.move(N.clientX-z.left,N.clientY-z.top)}},!0),i.addEventListener("pointerup",()=>T.letGo(!0),!0),i.addEventListener("pointercancel",()=>T.letGo(!1),!0);function P(){let N=h[u];if(!N)return null;let z=N.s.d.anchors(N.f),tt=z[d%z.length];return tt.f===N.f?{...N,where:""}:{k:N.k,s:N.s,f:tt.f,where:"",ref:`${N.k.data.name}/${N.s.path}${tt.f.n}`,end:tt.where}}function I(){let N=P();if(a.setHover(N),n.hidden=!N,i.classList.toggle("pick",!!N),!N)return;let z=h[u].s.d.anchors(h[u].f).length>1?` · E ends${N.end?": "+N.end:""}`:"";n.textContent=`${cr(N)}${h.length>1?` · ${u+1} of ${h.length} under cursor, Q next`:""}${z}`}let U=!1;i.addEventListener("pointermove",N=>{if(T.on&&!N.buttons){let tt=i.getBoundingClientRect(),xt=T.says(N.clientX-tt.left,N.clientY-tt.top);n.hidden=!xt,n.textContent=xt,i.classList.toggle("canpull",xt.endsWith("pull"));return}if(T.held)return;if(N.buttons){n.hidden=!0,a.setHover(null);return}let z=i.getBoundingClientRect();f=[N.clientX-z.left,N.clientY-z.top],!U&&(U=!0,requestAnimationFrame(()=>{if(U=!1,!f)return;let tt=h[0]?.ref;h=a.candidates(...f,c),(h[0]?.ref!==tt||u>=h.length)&&(u=0,d=0),I()}))}),i.addEventListener("pointerleave",()=>{f=null,h=[],I()});let L=null;i.addEventListener("pointerdown",N=>{L=[N.clientX,N.clientY,N.button],i.focus({preventScroll:!0})}),i.addEventListener("pointerup",N=>{if(T.on||!L||L[2]!==0||Math.hypot(N.clientX-L[0],N.clientY-L[1])>4)return;let z=i.getBoundingClientRect();(!h.length||!f||Math.hypot(f[0]-(N.clientX-z.left),f[1]-(N.clientY-z.top))>1)&&(f=[N.clientX-z.left,N.clientY-z.top],h=a.candidates(...f,c),u=d=0);let tt=P();tt&&_.pick(tt)}),i.addEventListener("contextmenu",N=>N.preventDefault());for(let N of document.querySelectorAll("[data-filter]"))N.addEventListener("click",()=>k(N.dataset.filter));function k(N){c=_.filter=N;for(let z of document.querySelectorAll("[data-filter]"))z.setAttribute("aria-checked",z.dataset.filter===N)}function H(N,z){let tt=N.querySelector(".rowopen"),xt=N.querySelector(".inside");tt.setAttribute("aria-expanded",z),xt.hidden=!z,z?l.add(N.dataset.component):l.delete(N.dataset.component)}function q(N,z){m===z?(m=null,a.light(null)):(m=z,a.light(N));for(let tt of e.querySelectorAll(".line"))tt.classList.toggle("lit",m!==null&&N.includes(tt.dataset.component))}let it=N=>[...new Set(o.mates.filter(z=>N.includes(z.id)).flatMap(z=>z.bodies))];e.addEventListener("click",async N=>{let z=N.target.closest("[data-act]");if(!z||z.tagName==="INPUT")return;let tt=z.closest(".line")?.dataset.component,xt=z.closest(".mate")?.dataset.mate,Bt=z.closest("[data-motion]")?.dataset.motion;switch(z.dataset.act){case"open":{let F=z.closest(".line"),ve=!F.querySelector(".inside").hidden;H(F,!ve),ve?(m="x",q([],"x")):q([tt],"c:"+tt);break}case"light":q(it([xt]),"m:"+xt);break;case"light-set":{let F=z.dataset.mates.split(`
`).filter(Boolean);q(it(F),"s:"+F.join());break}case"turn":g({do:"turn",name:xt});break;case"suppress":g({do:"suppress",name:xt,flag:!0});break;case"revive":g({do:"suppress",name:xt,flag:!1});break;case"unrelate":g({do:"unrelate",name:xt});break;case"ground-origin":g({do:"ground",name:tt,to:"origin"});break;case"ground-here":g({do:"ground",name:tt,to:"here"});break;case"unground":g({do:"unground",name:tt});break;case"suppress-part":g({do:"suppress part",name:tt,flag:!0});break;case"revive-part":g({do:"suppress part",name:tt,flag:!1});break;case"flex":g({do:"flexible",name:tt,flag:!0});break;case"stiff":g({do:"flexible",name:tt,flag:!1});break;case"remove":g({do:"remove",name:tt});break;case"rename":{let F=await bt(`Rename ${tt}`,tt);F&&F!==tt&&(l.delete(tt)&&l.add(F),g({do:"rename",name:tt,to:F}));break}case"hide":{let F=new Set(a.hidden);F.delete(tt)?z.textContent="hide":(F.add(tt),z.textContent="show"),a.setHidden(F);break}case"only":{let F=o.components.map(de=>de.name),ve=new Set(F.filter(de=>de!==tt)),le=a.hidden.size===ve.size&&!a.hidden.has(tt);a.setHidden(le?new Set:ve),z.textContent=le?"show only this":"show all";break}case"remedy":g({do:"remedy",index:+z.dataset.odds,remedy:+z.dataset.remedy});break;case"mean":g({do:"mean",index:+Bt});break;case"unplan":g({do:"unplan",index:+z.dataset.index});break;case"swing":Y(+Bt);break}}),e.addEventListener("change",N=>{let z=N.target.closest("input[data-act]");if(!z)return;let tt=z.closest(".mate").dataset.mate,xt=z.value.trim()===""?null:ac(z.value);if(z.dataset.act==="value"&&z.value.trim()!==""&&xt===null){g({do:"value",name:tt,text:z.value.trim()}).then(F=>{F||(z.value=z.defaultValue)});return}if(z.dataset.act==="value"){if(xt===null){z.value=z.defaultValue;return}g({do:"value",name:tt,value:xt});return}let Bt=z.value.trim()===""?{}:xt===null?{text:z.value.trim()}:{value:xt};g({do:"limits",name:tt,type:z.dataset.of,end:z.dataset.end,...Bt}).then(F=>{F||(z.value=z.defaultValue)})}),e.addEventListener("keydown",N=>{let z=N.target.closest(".rowopen");if(!z)return;let tt=[...e.querySelectorAll(".rowopen")],xt=tt.indexOf(z);N.key==="ArrowDown"&&(N.preventDefault(),tt[Math.min(xt+1,tt.length-1)].focus()),N.key==="ArrowUp"&&(N.preventDefault(),tt[Math.max(xt-1,0)].focus())});async function Y(N){try{let z=await y(`swing/${N}`,null,"GET");if(!z.poses||z.poses.length<2){p("This motion goes nowhere: it exists only at this very pose.");return}await a.swing(z.names,z.poses),a.goTo(Object.fromEntries(o.components.map(tt=>[tt.name,tt.pose])))}catch(z){p(z.message,!0)}}let Z=t("#placing"),nt=new Map;function Mt(){nt=new Map;for(let N of Z.querySelectorAll("[data-key]"))N.value=0;Z.returnValue="",Z.showModal(),Z.querySelector("[data-more]")?.focus(),at()}function Ft(N){let z=Math.max(0,Math.min(99,Math.floor(+N.value)||0));z?nt.set(N.dataset.key,z):nt.delete(N.dataset.key)}function J(){return[...nt].flatMap(([N,z])=>Array(z).fill(N))}function at(){let N=J().length;t("#placego").textContent=N?`Place ${N}`:"Place",t("#placego").disabled=!N;let z=N&&Z.querySelector(`[data-key="${[...nt.keys()][0]}"]`).closest("li").querySelector(".strong").textContent;t("#placing-base").textContent=o?.components.length?"Arrivals are spread out so that none hides another.":z?`${z} was chosen first: it is the base, grounded on the origin.`:"Choose the base first: it is grounded on the origin, the others are spread out beside it."}Z.addEventListener("click",N=>{let z=N.target.closest("[data-more]");if(z){let tt=document.getElementById(z.dataset.more);tt.value=+tt.value+1,Ft(tt),at()}}),Z.addEventListener("input",N=>{if(N.target.id==="placing-find"){let z=N.target.value.toLowerCase();for(let tt of Z.querySelectorAll(".pickparts li"))tt.hidden=!tt.dataset.words.includes(z)}else N.target.dataset.key&&Ft(N.target);at()}),Z.addEventListener("close",()=>{Z.returnValue==="go"&&g({do:"place",items:J()},!1)}),Z.addEventListener("keydown",N=>{N.key==="Enter"&&N.target.tagName==="INPUT"&&(N.preventDefault(),J().length&&Z.close("go"))});function bt(N,z){let tt=t("#asking"),xt=t("#asking-text");return t("#asking-h").textContent=N,xt.value=z,tt.returnValue="",tt.showModal(),xt.select(),xt.onkeydown=Bt=>{Bt.key==="Enter"&&(Bt.preventDefault(),tt.close("go"))},new Promise(Bt=>tt.addEventListener("close",()=>Bt(tt.returnValue==="go"?xt.value.trim():null),{once:!0}))}let Ct=[["Place parts","P",Mt],["Take back the last line","Ctrl Z",()=>b("undo")],["Do again what was taken back","Ctrl Y",()=>b("redo")],["Show everything","H",()=>{a.setHidden(new Set),a.home()}],["Draw or leave out the freedoms","F",()=>{a.showFreedoms=!a.showFreedoms,t('[data-act="freedoms"]').setAttribute("aria-pressed",a.showFreedoms),a.freedoms(o.motions),a.draw()}],["Pull parts about by hand","T",()=>T.toggle()],["Begin a sentence","S",()=>_.inputs[_.next||"put"].focus()],["Turn the alignment round in the sentence","R",()=>_.flip()],["Take back the last pick","Backspace",()=>_.stepBack()],["Clear the sentence","Escape",()=>_.clear()],["Next feature under the cursor","Q",()=>{h.length&&(u=(u+1)%h.length,d=0,I())}],["Next end of the feature under the cursor","E",()=>{d++,I()}],["Pick anything","Alt 1",()=>k("all")],["Pick faces only","Alt 2",()=>k("face")],["Pick axes only","Alt 3",()=>k("axis")],["Pick rims only","Alt 4",()=>k("rim")],["Pick points only","Alt 5",()=>k("point")],["Go to the account","A",()=>(e.querySelector(".rowopen")||e).focus()],["Go to the stage","G",()=>i.focus()],["Ground a part on the origin","",()=>Ue(N=>g({do:"ground",name:N,to:"origin"}))],["Ground a part where it stands","",()=>Ue(N=>g({do:"ground",name:N,to:"here"}))],["Unground a part","",()=>Ue(N=>g({do:"unground",name:N}))],["Remove a part","",()=>Ue(N=>g({do:"remove",name:N}))],["Rename this assembly","",async()=>{let N=await bt("Name of the assembly",t(".path b").textContent);N&&await g({do:"title",to:N})&&(t(".path b").textContent=N)}],["Count the spin of fasteners as loose","",()=>g({do:"held",flag:!0})],["Let fasteners spin","",()=>g({do:"held",flag:!1})],["Save as an assembly file","",()=>{location.href=`/a/${s}/export`}],["Go to the Shelf","",()=>{location.href=t(".path a").href}]],gt=t("#commands"),Nt=t("#command-find"),_e=t("#command-list"),Rt=[],qt=0,ae=null;function Yt(N){ae=N||Ct,Nt.value="",Ie(),gt.showModal(),Nt.focus()}function Ie(){let N=Nt.value.toLowerCase().split(/\s+/).filter(Boolean);Rt=ae.filter(([z])=>N.every(tt=>z.toLowerCase().includes(tt))),qt=0,_e.replaceChildren(...Rt.map(([z,tt],xt)=>{let Bt=document.createElement("li");Bt.id=`cmd-${xt}`,Bt.setAttribute("role","option"),Bt.setAttribute("aria-selected",xt===0);let F=document.createElement("span");F.className="soft",F.textContent=tt;let ve=document.createElement("span");return ve.textContent=z,Bt.append(ve,F),Bt.addEventListener("click",()=>Ae(xt)),Bt}))}function Ae(N){gt.close();let z=Rt[N];z&&setTimeout(z[2],0)}Nt.addEventListener("input",Ie),Nt.addEventListener("keydown",N=>{if(N.key==="ArrowDown"||N.key==="ArrowUp"){if(N.preventDefault(),!Rt.length)return;qt=(qt+(N.key==="ArrowDown"?1:-1)+Rt.length)%Rt.length,[..._e.children].forEach((z,tt)=>z.setAttribute("aria-selected",tt===qt)),_e.children[qt].scrollIntoView({block:"nearest"}),Nt.setAttribute("aria-activedescendant",`cmd-${qt}`)}N.key==="Enter"&&(N.preventDefault(),Ae(qt))});function Ue(N){Yt(o.components.map(z=>[z.name,"",()=>N(z.name)]))}let xe={p:0,h:3,f:4,t:5,s:6,r:7,backspace:8,escape:9,q:10,e:11,a:17,g:18};addEventListener("keydown",N=>{if(document.querySelector("dialog[open]"))return;let z=N.target.matches("input, textarea, select"),tt=N.key.toLowerCase();if((N.ctrlKey||N.metaKey)&&!N.altKey){if(z&&N.target.value!==N.target.defaultValue&&(tt==="z"||tt==="y"))return;tt==="z"&&!N.shiftKey&&(N.preventDefault(),b("undo")),(tt==="y"||tt==="z"&&N.shiftKey)&&(N.preventDefault(),b("redo"));return}if(N.altKey){let xt=["all","face","axis","rim","point"][+N.key-1];xt&&(N.preventDefault(),k(xt));return}if(tt==="escape"){if(T.held){T.letGo(!1);return}if(T.on){T.toggle(!1);return}if(z&&N.target.blur(),!_.clear()){m=null,a.light(null);for(let xt of e.querySelectorAll(".lit"))xt.classList.remove("lit")}return}if(!z){if(T.on&&!N.target.closest("button, a")){let xt={arrowleft:[-1,0],arrowright:[1,0],arrowup:[0,1],arrowdown:[0,-1]}[tt];if(tt==="n"){N.preventDefault(),T.next();return}if(xt&&T.held){N.preventDefault(),T.nudge(...xt);return}if(tt==="enter"&&T.held){N.preventDefault(),T.letGo(!0);return}}if(tt==="enter"&&(N.target===i||N.target===document.body)&&!t("#post").disabled){N.preventDefault(),_.send();return}if(/^[1-9]$/.test(tt)&&_.offers[+tt-1]){N.preventDefault(),_.choose(+tt-1);return}if(N.target===i){let xt={ArrowLeft:[-.15,0],ArrowRight:[.15,0],ArrowUp:[0,-.12],ArrowDown:[0,.12]}[N.key];if(xt){N.preventDefault(),a.turn(...xt);return}if(tt==="+"||tt==="="){a.nearer(.87);return}if(tt==="-"){a.nearer(1.15);return}}if(tt==="/"){N.preventDefault(),Yt();return}tt in xe&&(N.preventDefault(),Ct[xe[tt]][2]())}}),document.addEventListener("click",N=>{let z=N.target.closest(".bar [data-act], .stage [data-act], .sentence [data-act]");z&&{undo:()=>b("undo"),redo:()=>b("redo"),place:Mt,home:Ct[3][2],freedoms:Ct[4][2],tug:()=>T.toggle(),commands:()=>Yt(),clear:()=>_.clear(),facing:()=>_.flip()}[z.dataset.act]?.()});try{await x(await y("state",null,"GET"))}catch(N){e.innerHTML="";let z=document.createElement("p");z.className="notice",z.textContent=N.message,e.append(z)}document.body.dataset.ready="yes",window.setfast={where(N){let z=a.find(N);if(!z?.s)return null;z.s.holder.updateWorldMatrix(!0,!0);let tt=a.project(a.spot(z)),xt=i.getBoundingClientRect();return[tt.x+xt.left,tt.y+xt.top]},pick(N){let z=a.find(N);return z&&_.pick(z),!!z},refs(N){let z=a.comps.get(N);return z?z.shapes.flatMap(tt=>tt.d.head.features.map(xt=>({ref:`${N}/${tt.path}${xt.n}`,kind:xt.k,label:xt.label,at:xt.o,dir:xt.z}))):[]},state:()=>o,tug:T}}var Tu=class{constructor(){this.comps=new Map,this.hidden=new Set}async show(t){let{loadShape:e}=await Promise.resolve().then(()=>(Su(),vm));this.comps=new Map;for(let i of t.components)i.suppressed||this.comps.set(i.name,{data:i,shapes:await Promise.all(i.shapes.map(async n=>({path:n.path,d:await e(n.sha)})))})}find(t){return xo.prototype.find.call(this,t)}goTo(){}light(){}setPicked(){}setHover(){}setHidden(t){this.hidden=t}home(){}draw(){}freedoms(){}turn(){}nearer(){}candidates(){return[]}partAt(){return null}async swing(){}};window.htmx=Bu;async function wm(s,t){let e,i={};try{e=await fetch(s,{method:t,headers:{Accept:"application/json"}})}catch{return alert("The server does not answer. Nothing was changed; try again."),!1}if(e.ok)return!0;try{i=await e.json()}catch{}return alert(i.error||"That did not work."),!1}document.addEventListener("click",async s=>{let t=s.target.closest("[data-delete], [data-back]");!t||t.dataset.ask&&!confirm(t.dataset.ask)||!await(t.dataset.back?wm(t.dataset.back,"POST"):wm(t.dataset.delete,"DELETE"))||(t.closest(".offlist")&&t.dataset.delete?t.closest("li").remove():location.reload())});var{place:Tm,project:vS,asm:SS}=document.body.dataset;Tm==="shelf"&&(zu(vS),document.body.dataset.ready="yes");Tm==="bench"&&Mm(SS);
/*! Bundled license information:

three/build/three.core.js:
three/build/three.module.js:
  (**
   * @license
   * Copyright 2010-2026 Three.js Authors
   * SPDX-License-Identifier: MIT
   *)
*/
